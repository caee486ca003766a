// Buys a spotted piece: everything noted is carried over to the piece; undo takes the purchase back and opens it again.
import { useCallback } from "react";
import { useNavigate } from "react-router";
import { api, ask } from "../../api/client";
import { useUndo } from "../../kit/session/undo";

export function useBuy(id: number, title: string) {
  const navigate = useNavigate();
  const { done } = useUndo();
  return useCallback(
    async (body: { price?: string; on?: string }) => {
      const path = { params: { path: { id } } };
      const pieces = await ask(api.POST("/api/prospects/{id}/buy", { ...path, body }));
      const first = { params: { path: { id: pieces[0]!.id } } };
      const takeBack = async () => {
        const piece = await ask(api.GET("/api/pieces/{id}", first));
        await (piece.lot
          ? ask(api.DELETE("/api/lots/{id}", { params: { path: { id: piece.lot.id } } }))
          : ask(api.DELETE("/api/pieces/{id}", first)));
        await ask(api.POST("/api/prospects/{id}/reopen", path));
        void navigate(`/scout/${id}`);
      };
      done(`${title} bought: ${pieces.map((piece) => piece.ticket).join(", ")}`, takeBack);
      void navigate(`/pieces/${pieces[0]!.id}`);
    },
    [id, title, done, navigate],
  );
}
