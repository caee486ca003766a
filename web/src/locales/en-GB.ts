import app from "./en-GB/app.json";
import bench from "./en-GB/bench.json";
import flips from "./en-GB/flips.json";
import house from "./en-GB/house.json";
import kit from "./en-GB/kit.json";
import market from "./en-GB/market.json";
import planning from "./en-GB/planning.json";
import shelf from "./en-GB/shelf.json";

export const areas = { app, bench, flips, house, kit, market, planning, shelf };
