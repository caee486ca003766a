# frozen_string_literal: true

module Core
  module Statistics
    # Of a symmetric matrix that is positive definite: lower triangle L with L·Lᵀ = A, and what follows from it.
    # Rows are Arrays of Float.
    class Cholesky
      # Of the matrix, with as much added to its diagonal as it takes. Returns [Cholesky, what was added].
      def self.raised(matrix)
        ridge = 0.0
        loop do
          found = of(ridge.zero? ? matrix : matrix.each_with_index.map do |row, i|
            row.dup.tap do |copy|
              copy[i] += ridge
            end
          end)
          return [found, ridge] if found

          ridge = ridge.zero? ? 1e-3 : ridge * 10
        end
      end

      # nil where the matrix is not positive definite.
      def self.of(matrix)
        rows = []
        matrix.each_with_index do |given, i|
          row = Array.new(i + 1, 0.0)
          0.upto(i) do |j|
            other = j == i ? row : rows[j]
            sum = given[j]
            n = 0
            while n < j
              sum -= row[n] * other[n]
              n += 1
            end
            return nil if j == i && sum <= 1e-12

            row[j] = j == i ? Math.sqrt(sum) : sum / other[j]
          end
          rows << row
        end
        new(rows)
      end

      def initialize(rows)
        @rows = rows
      end

      # x with A·x = b.
      def solve(right)
        size = @rows.size
        found = right.dup
        0.upto(size - 1) do |i|
          row = @rows[i]
          sum = found[i]
          0.upto(i - 1) { |j| sum -= row[j] * found[j] }
          found[i] = sum / row[i]
        end
        (size - 1).downto(0) do |i|
          value = found[i] /= @rows[i][i]
          row = @rows[i]
          0.upto(i - 1) { |j| found[j] -= row[j] * value }
        end
        found
      end

      # ln of the determinant of A.
      def log_determinant = 2 * @rows.each_with_index.sum { |row, i| Math.log(row[i]) }

      # A⁻¹, rows.
      def inverse = Array.new(@rows.size) { |i| solve(Array.new(@rows.size) { |j| i == j ? 1.0 : 0.0 }) }
    end
  end
end
