# frozen_string_literal: true

module Api
  # Whether somebody still waits for an answer. Work that takes long asks now and then, and ends where nobody does.
  class ClientGone < StandardError
    EVERY = 0.5 # seconds between looks

    class << self
      # A callable that raises ClientGone once the connection of a request is closed.
      def watch(env)
        socket = env["puma.socket"]
        last = 0
        lambda do
          now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
          next if now - last < EVERY

          last = now
          raise ClientGone, "the client closed the connection" if closed?(socket)
        end
      end

      private

      # A socket that can be read and has nothing is one whose other end has left.
      def closed?(socket)
        socket.respond_to?(:recv_nonblock) && socket.recv_nonblock(1, Socket::MSG_PEEK, exception: false) == ""
      rescue SystemCallError, IOError
        true
      end
    end
  end
end
