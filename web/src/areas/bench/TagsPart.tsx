// Tags to look at again: due ones first, then those of the week ahead.
import Box from "@mui/material/Box";
import { Link } from "react-router";
import type { TagDue } from "../../api/types";
import { Part } from "../../kit/Part";

export function TagsPart({ tags, currency }: { tags: TagDue[]; currency: string }) {
  return (
    <Part title="Tags to look at">
      {tags.map((tag) => (
        <Box
          key={tag.id}
          sx={{
            display: "flex",
            flexWrap: "wrap",
            columnGap: 2,
            minHeight: 44,
            alignItems: "center",
            borderBottom: 1,
            borderColor: "divider",
          }}
        >
          <Box
            sx={{ minWidth: 104, color: tag.due ? "warning.main" : "text.secondary", fontWeight: tag.due ? 600 : 400 }}
          >
            {tag.due ? "now" : tag.on?.text}
          </Box>
          <Box sx={{ flex: "1 1 170px" }}>
            <Link to={`/scout/${tag.id}`}>{tag.title}</Link>
            <Box component="span" sx={{ color: "text.secondary" }}>
              {tag.source && `, ${tag.source}`}
              {tag.tag && `, last seen at ${tag.tag.text} ${currency}`}
            </Box>
          </Box>
          <Box sx={{ flex: "2 1 240px" }}>{tag.why}</Box>
        </Box>
      ))}
    </Part>
  );
}
