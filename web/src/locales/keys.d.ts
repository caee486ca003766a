import "i18next";
import type app from "./en-US/app.json";
import type bench from "./en-US/bench.json";
import type books from "./en-US/books.json";
import type flips from "./en-US/flips.json";
import type house from "./en-US/house.json";
import type kit from "./en-US/kit.json";
import type market from "./en-US/market.json";
import type planning from "./en-US/planning.json";
import type scout from "./en-US/scout.json";
import type shelf from "./en-US/shelf.json";
import type tools from "./en-US/tools.json";

// Keys are typed from the base catalog.
declare module "i18next" {
  interface CustomTypeOptions {
    defaultNS: "kit";
    resources: {
      app: typeof app;
      bench: typeof bench;
      books: typeof books;
      flips: typeof flips;
      house: typeof house;
      kit: typeof kit;
      market: typeof market;
      planning: typeof planning;
      scout: typeof scout;
      shelf: typeof shelf;
      tools: typeof tools;
    };
  }
}
