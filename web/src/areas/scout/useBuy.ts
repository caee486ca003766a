// Buys a spotted piece: everything noted is carried over to the piece; undo takes the purchase back and opens it again.
import { useCallback } from "react";
import { useNavigate } from "react-router";
import { api, ask, undoOf } from "../../api/client";
import { useUndo } from "../../kit/session/undo";
import { t } from "../../locales/scout";

export function useBuy(id: number, title: string) {
  const navigate = useNavigate();
  const { done } = useUndo();
  return useCallback(
    async (body: { price?: string; on?: string }) => {
      const pieces = await ask(api.POST("/api/prospects/{id}/buy", { params: { path: { id } }, body }));
      const undo = undoOf(pieces);
      done(
        t("useBuy.bought", { title, pieces: pieces.map((piece) => piece.ticket).join(", ") }),
        undo && (async () => undo().then(() => navigate(`/scout/${id}`))),
      );
      void navigate(`/pieces/${pieces[0]!.id}`);
    },
    [id, title, done, navigate],
  );
}
