# frozen_string_literal: true

# What was done and said of a plan was kept by keys of its steps, which rules may change. It is kept as deeds now: verb
# and parameters, as JSON, with the face where it was done on one. Keys are read here as they were written until today.
class KeepDeeds < ActiveRecord::Migration[7.2]
  COLUMNS = { step_marks: { step: :deed }, plan_edits: { step: :deed, other: :other_deed }, experiences: { step: :deed },
              session_moves: { step: :deed }, timer_pieces: { step: :deed }, work_shares: { step: :deed } }.freeze
  PARAMS = { "ladder" => %w[grits], "coat" => %w[layer coat face], "colour" => %w[layer coat], "between" => %w[layer coat],
             "inspect" => %w[layer], "clear" => %w[product coat face], "clear-sand" => %w[product coat], "prime" => %w[product coat face],
             "oil" => %w[product coat], "wax" => %w[product coat], "try-product" => %w[product], "decide" => %w[zone] }.freeze
  VERBS = {
    take_off: %w[drawers-out doors-off shelves-out hardware-off], mask: %w[drawers-mask mask shield], dewax: %w[dewax],
    degrease: %w[wash wash_again wash-after], clean: %w[wash-rinse neutralise bleach-rinse wash-rinse-after], scrape: %w[lead-safe scrape],
    degloss: %w[seal-in deglosser], strip: %w[strip], dust: %w[dust], peel: %w[peel unshield drawers-unmask], prime: %w[prime seal-inside],
    sand: %w[scuff ladder smooth sand-prime between bleach-sand clear-sand level-holes level relevel], seal: %w[spot-seal], coat: %w[coat],
    bleach: %w[bleach oxalic treat_mould], oil: %w[oil], wax: %w[wax], hang: %w[paper], decorate: %w[stencil metallic], wear: %w[distressed],
    clear: %w[clear], put_back: %w[drawers-in doors-on shelves-in hardware-on], fill: %w[fill-holes fill fill_tinted build_corner refill],
    carve: %w[cut drill draw_nails seal_swollen ease_drawer rehang feather patch_veneer let_in scrape_burn edging peel_foil smooth_inside plug_holes
              cut_shelf fit_feet dress_edge cut_width cut_depth cut_height]
  }.flat_map { |verb, names| names.map { |name| [name, verb.to_s] } }.to_h.freeze

  def up
    COLUMNS.each { |table, columns| columns.each { |from, to| turn(table, from, to) { |key| JSON.generate(deed(key)) } } }
  end

  def down
    COLUMNS.each { |table, columns| columns.each { |from, to| turn(table, to, from) { |text| key(JSON.parse(text)) } } }
  end

  private

  def turn(table, from, to)
    rename_column table, from, to
    texts = select_values("SELECT DISTINCT #{to} FROM #{table} WHERE #{to} IS NOT NULL")
    texts.each { |text| execute("UPDATE #{table} SET #{to} = #{quote(yield(text))} WHERE #{to} = #{quote(text)}") }
  end

  def key(deed)
    values = deed.except("verb", "name", "over", "part", "face").map { |param, value| written(param, value) }
    [[deed["name"], *values].join("/"), ("~#{deed['over']}" if deed["over"]), ("/#{deed['face']}" if deed["face"]),
     ("##{deed['part']}" if deed["part"])].join
  end

  def written(param, value)
    case param
    when "grits" then value.join("-")
    when "layer" then %w[finish product colour].map { |name| value[name] }.join("|")
    else value.to_s
    end
  end

  def deed(key)
    part = key[/#(\d)\z/, 1]&.to_i
    name, *values = key.sub(/#\d\z/, "").sub(/~\d+/, "").split("/")
    params = (PARAMS[name] || %w[how]).zip(values).select(&:last).to_h { |param, value| [param, value(param, value)] }
    { "verb" => verb(name, params), "name" => name, **params, "over" => key[/~(\d+)/, 1]&.to_i, "part" => part }.compact
  end

  def verb(name, params)
    return params.dig("layer", "finish") == "wash" ? "thin_wash" : "stain" if name == "colour"

    VERBS[name] || (name.start_with?("rinse-") ? "clean" : "plain")
  end

  def value(param, text)
    case param
    when "grits" then text.split("-").map(&:to_i)
    when "layer" then %w[finish product colour].zip(text.split("|")).to_h.compact.reject { |_, one| one.empty? }
    when "coat" then text.to_i
    else text
    end
  end
end
