# frozen_string_literal: true

require_relative "../support/whole_job"

# Whole jobs as people in the trade do them, each entered the way a newcomer would, in a workshop with default settings:
# kind, size, problems, a starter look with few changes. The hands-on hours are what several people report for such
# pieces (common practice, no source; several reports blended).
RSpec.describe "hours planned for a whole job", :api do
  include WholeJob

  green = "#7d9468"
  pale = "#f0ece0"
  black = "#1a1a1a"
  blue = "#22356b"
  brown = "#4a3322"

  dresser = { kind: "chest of drawers", width: "97 cm", height: "86 cm", depth: "46 cm", drawer_rows: "2,2,2", surface_material: "solid" }
  worn = [["glossy"], ["gouge", "top", "3"], ["gouge", "front-1-1", "1"]]
  nightstand = { kind: "bedside table", surface_material: "solid" }

  # name => [low, high hours, what is done]
  jobs = {
    "dresser, glossy, a few dings, pulls replaced, two coats" => [3.5, 5.5, lambda {
      job(dresser, worn, "painted", hardware: "replaced", spacing: "96", hardware_price: "4")
    }],
    "the same, its top bare, stained and cleared" => [4.5, 7, lambda {
      job(dresser, worn, "painted_stained_top", hardware: "replaced", spacing: "96", hardware_price: "4")
    }],
    "one nightstand, two coats, pulls sprayed" => [1.5, 2.5, -> { job(nightstand, [["glossy"]], "painted", hardware: "sprayed") }],
    "a pair of nightstands" => [2.5, 4, -> { job({ **nightstand, units: "2" }, [["glossy"]], "painted", hardware: "sprayed") }],
    "slick chest with half-round fronts" => [4.5, 8, lambda {
      piece = { **dresser, width: "90 cm", height: "70 cm", drawer_rows: "1,1,1", surface_material: "laminate" }
      job(piece, [["slick"], %w[gouge top 2], ["open_joint"]], "painted", inside: "liner") do
        work("legs", high: "150")
        work("sheets")
      end
    }],
    "barn chest, chalk-style, top stained, waxed and worn" => [4, 9, lambda {
      job(dresser, [["grease"], ["bottom_loose", nil, "1"], ["no_stops", nil, "4"], ["wobble"]], "painted_stained_top") do
        change(%w[carcass fronts legs], finish: "paint", colour: pale, product: "paint_chalk", over: %w[distressed wax])
        work("brackets")
      end
    }],
    "two tall bookcases, a drawer and two doors each, four pale coats" => [7.5, 13, lambda {
      piece = { kind: "bookcase", width: "80 cm", height: "200 cm", depth: "35 cm", drawer_rows: "1", doors: "2", shelves: "3", units: "2",
                surface_material: "veneer", body_colour: "dark brown" }
      job(piece, [%w[extra_holes door-1 4]], "painted", hardware: "sprayed") do
        change(:shown, finish: "paint", colour: pale)
        fitted("hinge", "4", "sprayed")
        fitted("shelf_pin", "12", "sprayed")
      end
    }],
    "ordinary sideboard" => [3.5, 6, -> { job({ kind: "sideboard", surface_material: "solid" }, [["glossy"]], "painted") }],
    "two-part dining cabinet, chalk-style, three coats by brush" => [6, 10, lambda {
      piece = { kind: "hutch", upper_style: "doors", surface_material: "solid" }
      job(piece, [["varnish"]], "painted", hardware: "sprayed") do
        change(:shown, finish: "paint", colour: pale, product: "paint_chalk", coats: "3", way: "brush", over: %w[distressed])
        change(%w[top edge], finish: "leave")
      end
    }],
    "chest with a lid, corners filled, legs stained" => [4.5, 8, lambda {
      job({ kind: "blanket box", leg: "10 cm", surface_material: "veneer" }, [["broken_corner", nil, "2"], ["varnish"]], "painted") do
        change(%w[legs], finish: "stain", colour: brown)
        change(:painted, finish: "paint", colour: green, product: "paint_chalk")
      end
    }],
    "two end tables, tops bleached and washed" => [4, 7, lambda {
      job({ kind: "side table", units: "2", surface_material: "solid" }, [["varnish"]], "painted") do
        change(%w[top edge], finish: "wash", colour: pale, preparation: "bleach")
      end
    }],
    "table and four chairs, top stained, the rest sprayed pale, seats covered" => [8, 13, lambda {
      sprayer
      table = job({ kind: "table", surface_material: "veneer" }, [["varnish"]], "painted_stained_top") do
        change(%w[apron legs], finish: "paint", colour: pale, way: "spray")
      end
      table + job({ kind: "chair", units: "4", surface_material: "solid" }, [["varnish"]], "painted") do
        change(:shown, finish: "paint", colour: pale, way: "spray")
        work("fabric")
      end
    }],
    "small desk cut into two nightstands, sprayed dark" => [6, 10, lambda {
      sprayer
      desk = { kind: "desk", width: "110 cm", depth: "50 cm", height: "70 cm", drawer_rows: "1,1,1", surface_material: "veneer" }
      found = [["failing"], %w[veneer_loose top], ["extra_holes", "front-1-1", "6"]]
      job(desk, found, "painted", hardware: "replaced", spacing: "96", hardware_price: "4") do
        change(:shown, finish: "paint", colour: blue, way: "spray")
        work("split_top")
      end
    }],
    "bookcase, open shelves, inside painted, roller, three coats" => [3, 5.5, lambda {
      job({ kind: "bookcase", surface_material: "veneer" }, [["varnish"]], "painted") do
        change(:shown, finish: "paint", colour: green, way: "roller", coats: "3")
      end
    }],
    "lower half of a dining cabinet, roller, five light coats" => [5, 8, lambda {
      job({ kind: "sideboard", surface_material: "solid" }, [["varnish"]], "painted") do
        change(:shown, finish: "paint", colour: pale, way: "roller", coats: "5")
        change(%w[doors], finish: "paint", colour: pale, way: "roller", coats: "5", over: %w[metallic])
      end
    }],
    "small cabinet, stripped, sides painted, top and legs stained, cane in the door" => [6, 10, lambda {
      piece = { kind: "cabinet", width: "60 cm", height: "80 cm", depth: "40 cm", base: "legs", leg: "15 cm", doors: "1", surface_material: "solid" }
      job(piece, [["painted", nil, "2"]], "painted_stained_top") do
        change(:painted, finish: "paint", colour: green, preparation: "stripper")
        change(%w[legs], finish: "stain", colour: brown)
        work("inserts")
      end
    }],
    "half-round table, top stripped and waxed, base primed twice and painted" => [3, 5.5, lambda {
      half = { kind: "console table", top_shape: "half-round", drawer_rows: "0", surface_material: "solid" }
      job(half, [["varnish"], ["dark_stain"]], "painted") do
        change(%w[top edge], finish: "wax")
        change(:painted, finish: "paint", colour: pale, coats: "3")
      end
    }],
    "case with a mirror taken off, three coats of black" => [5, 8, lambda {
      job({ kind: "dresser with mirror", surface_material: "solid" }, [["varnish"]], "painted", hardware: "cleaned") do
        change(:shown, finish: "paint", colour: black, coats: "3")
        change(%w[drawers], finish: "oil")
      end
    }],
    "painted sideboard, stripper fails, half washed, half painted" => [12, 22, lambda {
      job({ kind: "sideboard", surface_material: "solid" }, [["painted", nil, "2"]], "washed") do
        change(%w[side-left side-right frame], finish: "paint", colour: pale)
        failed("try-strip")
      end
    }],
    "sideboard taken apart, glued, four grits, stained and painted, stenciled" => [14, 26, lambda {
      found = [["grease"], ["nails", nil, "12"], ["open_joint"], ["split_panel", nil, "2"], ["loose_leg", nil, "2"], ["varnish"],
               ["lock_stuck"], ["failing"]]
      job({ kind: "sideboard", surface_material: "solid" }, found, "painted_stained_top", inside: "liner") do
        change(%w[top edge fronts], finish: "stain", colour: brown)
        change(%w[doors], finish: "paint", colour: green, over: %w[stencil])
      end
    }]
  }.freeze

  it "is within what people need, job by job, and in its middle over all of them", :aggregate_failures do
    ratios = jobs.map do |name, (low, high, work)|
      FreshWorkshop.clear
      hours = instance_exec(&work)
      expect([name, hours.round(2)]).to match([name, be_between(low * 0.85, high * 1.15)])
      hours * 2 / (low + high)
    end
    expect(ratios.sort[(ratios.size / 2) - 1, 2].sum / 2).to be_between(0.9, 1.1)
  end

  # Minutes of the first coat without laying out, over all its faces.
  def coat_alone(fixed)
    coats = plan["steps"].select { |step| step["key"].match?(%r{\Acoat/.*/1(/face\d)?\z}) }
    (coats.sum { |step| step["time"]["seconds"] } / 60) - fixed
  end

  it "paints two nightstands with one coat in as long as people take, by brush and by sprayer" do
    job({ **nightstand, doors: "0", units: "2" }, [], "painted") { change(:painted, finish: "paint", colour: green, way: "brush") }
    expect(coat_alone(8)).to be_between(40, 90)
    FreshWorkshop.clear
    sprayer
    job({ **nightstand, doors: "0", units: "2" }, [], "painted") { change(:painted, finish: "paint", colour: green, way: "spray") }
    expect(coat_alone(25)).to be_between(15, 25)
  end

  it "slats three drawer fronts in two to four hours" do
    job({ **dresser, drawer_rows: "1,1,1" }, [], "painted") { work("slats") }
    slats = plan["steps"].select { |step| step["key"].start_with?("slats-") }
    expect(slats.sum { |step| step["time"]["seconds"] } / 3600.0).to be_between(2, 4)
  end

  # 13 to 14 m² a litre and coat; two tall bookcases (7.2 m²) took 1.9 to 2.4 L in four coats.
  it "buys as much paint as people use" do
    expect(Core::Shelf::Rates.millilitres(7.2, rate: 13.5, coats: 4, way: "roller")).to be_between(1900, 2400)
  end
end
