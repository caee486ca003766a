# frozen_string_literal: true

module Api
  module Routes
    module House
      # The passcode of other devices.
      module Access
        class << self
          def registered(app)
            entering(app)
            leaving(app)
          end

          private

          def entering(app)
            app.post("/api/session") do
              # The address of the connection itself: a header could name any other.
              token = Operations::House::Access.enter(given["passcode"], from: request.env["REMOTE_ADDR"].to_s)
              unless token
                next problem(Problem.document(401, "That isn't the passcode.",
                                              errors: [{ field: "passcode", message: "That isn't the passcode." }]))
              end

              response.set_cookie(Middleware::Passcode::COOKIE, value: token, http_only: true, same_site: :strict, path: "/", secure: request.ssl?,
                                                                max_age: Operations::House::Access::KEPT)
              json(entered: true)
            end
          end

          def leaving(app)
            app.get("/api/session") do
              here = Operations::House::Access.known?(request.cookies[Middleware::Passcode::COOKIE])
              json(passcode: Operations::House::Access.passcode?, devices: Operations::House::Access.devices, here: here)
            end
            app.delete("/api/sessions") do
              here = request.cookies[Middleware::Passcode::COOKIE]
              response.delete_cookie(Middleware::Passcode::COOKIE, path: "/") if here
              json(ended: Operations::House::Access.leave_all)
            end
            app.delete("/api/session") do
              Operations::House::Access.leave(request.cookies[Middleware::Passcode::COOKIE])
              response.delete_cookie(Middleware::Passcode::COOKIE, path: "/")
              json(entered: false)
            end
          end
        end
      end
    end
  end
end
