# frozen_string_literal: true

module Kohlrabi
  module Records
    # The small tables that nearly every answer looks something up in, all read by one question of a request: its
    # query cache answers from then on, until something is written.
    module Household
      LATEST = 200 # experiences that are looked back on
      TABLES = {
        people: -> { Person.order(:id) },
        products: -> { Product.live.order(:generic, :label) },
        colours: -> { Colour.order(:id) },
        mixes: -> { Mix.live.order(:id) },
        mix_versions: -> { MixVersion.live.order(:number) },
        experiences: -> { Experience.live.order(id: :desc).limit(LATEST) },
        own_kinds: -> { OwnKind.order(:word) },
        own_findings: -> { OwnFinding.live.order(:label) },
        working_hours: -> { WorkingHours.order(:id) },
        wet_days: -> { WetDay.order(:day) },
        openings: -> { Opening.live.order(:kind, :name) },
        session_moves: -> { SessionMove.live.order(:id) },
        channels: -> { Channel.live.order(:name) },
        timers: -> { Timer.live.order(:started_at) },
        climate_readings: -> { ClimateReading.order(taken_at: :desc, id: :desc).limit(1) },
        set_members: lambda {
          PieceSetMember.where.not(piece_set_id: PieceSetEvent.live.where(kind: "sold").select(:piece_set_id))
                        .where(piece_set_id: PieceSet.live.select(:id)).order(:id)
        },
        questions: -> { Question.where(answer: nil).order(:id) },
        spray_settings: -> { SpraySetting.order(:id) }
      }.freeze

      module_function

      # Array of records of one of TABLES.
      def all(name) = (@question ||= AtOnce.new(TABLES.transform_values(&:call), lasting: true))[name]

      # The shape of the tables has changed.
      def forget = @question = nil
    end
  end
end
