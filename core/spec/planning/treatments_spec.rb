# frozen_string_literal: true

require "spec_helper"

# What each finding adds to the plan of a solid chest, free of lead: painted, oiled, or left as it is. Common practice,
# no source. Keys of steps; "-" where nothing is added.
RSpec.describe "what is done about each finding" do
  zones = Plans.zones("chest of drawers", "solid", drawer_rows: [1], doors: 1)
  block = "prime/primer_shellac/1 prime/primer_shellac/2 sand-prime"
  # finding => [painted, oiled, left]
  {
    "wobble" => %w[reglue reglue reglue],
    "loose_leg" => %w[refix_leg refix_leg refix_leg],
    "split_panel" => ["glue_split fill level spot-seal", "glue_split fill_tinted level",
                      "glue_split fill_tinted level"],
    "open_joint" => %w[reglue reglue reglue],
    "nails" => ["draw_nails fill level spot-seal", "draw_nails fill_tinted level", "draw_nails fill_tinted level"],
    "woodworm" => ["treat_worm fill level spot-seal", "treat_worm fill_tinted level", "treat_worm fill_tinted level"],
    "swollen_board" => %w[seal_swollen seal_swollen seal_swollen],
    "bowed_shelf" => %w[batten batten batten],
    "loose_back" => %w[fix_back fix_back fix_back],
    "castors" => %w[castors castors castors],
    "sticking_drawer" => %w[ease_drawer ease_drawer ease_drawer],
    "crooked_drawer" => %w[square_drawer square_drawer square_drawer],
    "no_stops" => %w[stops stops stops],
    "worn_runners" => %w[runners runners runners],
    "door_sags" => %w[rehang rehang rehang],
    "lid_latch" => %w[lid_safe lid_safe lid_safe],
    "lock_stuck" => %w[free_lock free_lock free_lock],
    "varnish" => %w[- - -], # scuffed or taken off as any old finish
    "failing" => ["feather", "scrape ladder/180-220", "-"], # for oil all of it comes off, by scraper: loose finish clogs the paper
    "waxed" => %w[dewax dewax -],
    "oiled" => ["dewax prime/primer_bond/1 sand-prime", "dewax", "-"],
    "silicone" => ["dewax prime/primer_shellac/1 sand-prime", "dewax", "-"],
    "bare_wood" => %w[ladder/80-120-180 - -], # for oil the same ladder as through a thin finish
    "veneer_chips" => ["fill level spot-seal", "patch_veneer", "-"],
    "veneer_loose" => %w[glue_veneer glue_veneer glue_veneer],
    "gouge" => ["fill level spot-seal", "fill_tinted level", "-"],
    "scratches" => %w[feather_scratches - touch_up],
    "burn" => ["scrape_burn fill level #{block}", "scrape_burn fill_tinted level", "scrape_burn"],
    "white_ring" => %w[- - rub_ring],
    "black_stain" => [block, "bleach-sand oxalic rinse-oxalic", "-"],
    "ink_stain" => [block, "-", "-"],
    "knots" => [block, "ladder/100-150-220", "-"], # softwood begins at P100
    "tannin_wood" => [block, "-", "-"],
    "dark_stain" => [block, "-", "-"],
    "brown_rinse" => [block, "-", "-"],
    "sand_through" => [block, "-", "-"],
    "edging_loose" => %w[edging edging edging],
    "foil_lifting" => ["peel_foil fill level spot-seal", "peel_foil", "peel_foil"],
    "stickers" => %w[unglue unglue unglue],
    "rust_stain" => [block, "bleach-sand oxalic rinse-oxalic", "-"],
    "smoke" => ["air #{block}", "air", "air"],
    "soot" => ["wipe_soot air #{block}", "wipe_soot air", "wipe_soot air"],
    "mould" => ["treat_mould rinse-treat_mould #{block}", "treat_mould rinse-treat_mould",
                "treat_mould rinse-treat_mould"],
    "droppings" => ["clear_droppings #{block}", "clear_droppings", "clear_droppings"],
    "spiders" => %w[brush_out brush_out brush_out],
    "bedbugs" => %w[quarantine quarantine quarantine],
    "grease" => %w[wash_again wash_again wash_again],
    "old_liner" => %w[soak_liner soak_liner soak_liner],
    "rough_inside" => %w[smooth_inside smooth_inside smooth_inside],
    "bottom_loose" => %w[drawer_bottom drawer_bottom drawer_bottom],
    "extra_holes" => ["fill level spot-seal", "fill_tinted level", "-"],
    "painted_hardware" => %w[soak_hardware soak_hardware soak_hardware],
    "stripped_holes" => %w[plug_holes plug_holes plug_holes],
    "missing_part" => %w[make_part make_part make_part],
    "missing_shelf" => %w[cut_shelf cut_shelf cut_shelf],
    "cracked_glass" => ["remove_glass measure_glass order_glass"] * 3,
    "missing_foot" => %w[fit_feet fit_feet fit_feet],
    "missing_moulding" => %w[moulding moulding moulding],
    "maker_label" => %w[guard_label guard_label guard_label],
    "no_fire_label" => %w[seat_advice seat_advice seat_advice],
    "wiring" => %w[electrician electrician electrician],
    "childrens" => %w[recall_check recall_check recall_check],
    "screw_holes" => ["fill level spot-seal", "fill_tinted level", "-"],
    "raw_edge" => %w[dress_edge dress_edge dress_edge]
  }.each do |key, expected|
    it "#{key}: #{expected.uniq.join(' | ')}" do
      size = Core::Planning::Inspection::Findings.fetch(key)[:measure] && 2
      added = %w[paint oil leave].map do |finish|
        choice = Plans.choice(finish, colour: "#7d9468")
        plain = Plans.plan("chest of drawers", zones, choice, lead: "clear").steps.map(&:key)
        plan = Plans.plan("chest of drawers", zones, choice, lead: "clear",
                                                             findings: Plans.findings([key, "top", size]))
        (plan.steps.map(&:key) - plain).sort.join(" ").then { |keys| keys.empty? ? "-" : keys }
      end
      expect(added).to eq(expected.map { |keys| keys.split.sort.join(" ") })
    end
  end

  it "waits overnight for glue, a day for air and woodworm, a quarter of an hour for two-part filler" do
    waits = lambda do |key, size = nil|
      Plans.plan("chest of drawers", zones, Plans.choice("paint"), lead: "clear",
                                                                   findings: Plans.findings([key, "top", size])).steps.to_h do |step|
        [step.key, step.wait]
      end
    end
    expect([waits.call("wobble")["reglue"], waits.call("smoke")["air"],
            waits.call("woodworm")["treat_worm"]]).to eq([720, 1440, 1440])
    expect(waits.call("gouge", 2).values_at("fill", "level")).to eq([15, 0])
    expect(waits.call("gouge", 3).values_at("fill", "refill", "relevel")).to eq([15, 15, 0]) # deep: filled twice
  end

  it "shows the cautions that belong to it, at its step" do
    cautions = lambda do |key, step|
      zones = Plans.zones("blanket box", "solid")
      Plans.plan("blanket box", zones, Plans.choice("oil"), lead: "clear",
                                                            findings: Plans.findings([key, nil, nil])).step(step).cautions
    end
    expect(cautions.call("mould", "treat_mould")).to eq(%w[mould chlorine])
    expect(cautions.call("woodworm", "treat_worm")).to include("mould", "solvent")
    expect(cautions.call("cracked_glass", "remove_glass")).to eq(%w[glass])
    expect(cautions.call("lid_latch", "lid_safe")).to include("lid", "drill")
    expect(cautions.call("black_stain", "oxalic")).to eq(%w[acid])
    expect(cautions.call("childrens", "recall_check")).to eq(%w[children])
    expect(cautions.call("wiring", "electrician")).to eq(%w[wiring])
  end
end
