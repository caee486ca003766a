# frozen_string_literal: true

require "spec_helper"

# What flippers buy, as they write it, sorted by hand (common practice, no source).
RSpec.describe Core::Flips::CostCategories do
  bought = {
    "hardware" => [
      "drawer pulls", "8 knobs, brass", "cup pulls", "hinges", "2 butt hinges", "wood screws", "box of 50 screws", "finish nails", "brads",
      "casters", "swivel castors", "shelf pins", "drawer slides", "drawer stops", "magnetic catches", "soft-close damper", "lid stay",
      "anti-tip kit", "corner braces", "L-brackets", "new legs", "tapered legs", "screw-in feet", "bun feet", "hairpin legs", "furniture glides",
      "felt pads", "cabinet lock and key", "escutcheons", "backplates", "hooks", "threaded inserts", "carriage bolts", "wing nuts", "dowels",
      "table leaf supports", "chain for the lid", "nylon furniture glides", "vintage handles, set of 6", "levelers for the feet",
      "pulls for the navy dresser", "knobs with screws", "hardware", "replacement wheels", "door bumpers", "upholstery tacks"
    ],
    "materials" => [
      "1 qt primer", "paint", "chalk-style paint, white", "paint for the knobs", "leg paint", "quart of satin enamel paint", "spray paint",
      "shellac-based primer", "paint-and-primer in one", "clear shellac", "gel stain", "polyurethane", "water-based poly", "top coat",
      "clear coat", "dark wax", "wax butter", "paste wax", "furniture salve", "hemp oil", "tung oil", "hinge oil", "wood glue",
      "construction adhesive", "epoxy", "wood filler", "putty", "two-part filler", "sandpaper", "sanding discs", "120 grit sheets",
      "sanding sponges", "abrasive pads", "steel wool 0000", "tack cloth", "rags", "lint-free cloths", "foam rollers", "paintbrush",
      "2 in brush", "roller covers", "paint tray", "painter's tape", "masking tape", "plastic film", "drop cloth", "stripper", "citrus stripper",
      "degreaser", "cleaner", "mineral spirits", "denatured alcohol", "paint thinner", "deglosser", "acetone", "white vinegar", "oxalic acid",
      "wood bleach", "veneer", "edge banding tape", "iron-on edging", "plywood", "1x4 board", "pine boards", "oak trim", "molding",
      "wood appliqué", "bamboo slats", "drawer liner", "contact paper", "peel-and-stick wallpaper", "decorative paper", "upholstery fabric",
      "foam for the seat", "cane webbing", "batting", "piping", "staples", "mirror", "glass for the door", "dust masks", "respirator filters",
      "nitrile gloves", "lead test swabs", "stencil", "rub-on transfers", "gold leaf", "gilding kit", "touch-up markers", "wood conditioner",
      "drawer wax", "odor sealer", "soap", "baking soda", "razor blades", "glue for the legs", "caulk"
    ],
    "other" => [
      "parking", "gas", "gas for the van", "tolls", "truck rental", "van hire", "dump fee", "delivery", "paint delivery", "shipping",
      "auction fee", "buyer's premium", "listing fee", "boosted ad", "storage unit", "booth rent", "lunch for Ada", "tip for the helper",
      "glass repair service", "sander rental", "new drill", "clamps", "heat gun", "moving blankets", "photo backdrop", "sharpening",
      "2 x 34.99 + 5", "", "things"
    ]
  }

  it "knows what flippers buy" do
    guessed = bought.transform_values { |all| all.to_h { |what| [what, described_class.guess(what)] } }
    wrong = guessed.flat_map { |category, all| all.reject { |_, guess| guess == category }.to_a }
    expect(bought.values.sum(&:size)).to be > 150
    expect(wrong).to eq([])
  end
end
