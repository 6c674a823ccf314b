<?php

declare(strict_types=1);

namespace JackRest\Core\Truing\Flat;

/** Places on a flat thing, evenly spread, and the lines along which a straightedge is laid over them. */
final readonly class Grid
{
    /** Odd, so that both diagonals meet on the middle place. */
    public const ALONG = [3, 5, 7, 9];

    public const ACROSS = [3, 5];

    public function __construct(
        public float $lengthMm,
        public float $widthMm,
        public int $along = 5,
        public int $across = 3,
    ) {
    }

    public function count(): int
    {
        return $this->along * $this->across;
    }

    /** @return array{float, float} from the left side and from the near end, mm */
    public function placeMm(int $node): array
    {
        return [
            (($node % $this->across) * $this->widthMm) / ($this->across - 1),
            (intdiv($node, $this->across) * $this->lengthMm) / ($this->along - 1),
        ];
    }

    /** @return array{float, float} the same from −1 to 1 */
    public function place(int $node): array
    {
        return [
            (2 * ($node % $this->across)) / ($this->across - 1) - 1,
            (2 * intdiv($node, $this->across)) / ($this->along - 1) - 1,
        ];
    }

    /**
     * Every line in the order it is best laid: diagonals and sides first, which tell the most, then what lies between.
     *
     * @return non-empty-list<GridLine>
     */
    public function lines(): array
    {
        $along = array_map(
            fn (int $column): GridLine => new GridLine("along-$column", $this->column($column)),
            range(0, $this->across - 1),
        );
        $across = array_map(
            fn (int $row): GridLine => new GridLine("across-$row", $this->row($row)),
            range(0, $this->along - 1),
        );
        [$left, $right, $near, $far] = [
            array_shift($along),
            array_pop($along),
            array_shift($across),
            array_pop($across),
        ];
        assert($left !== null && $right !== null && $near !== null && $far !== null);

        return [...$this->diagonals(), $left, $right, $near, $far, ...array_values($along), ...array_values($across)];
    }

    public function line(string $id): ?GridLine
    {
        return array_values(array_filter($this->lines(), static fn (GridLine $line): bool => $line->id === $id))[0] ??
            null;
    }

    /** @return array{GridLine, GridLine} */
    private function diagonals(): array
    {
        // Only the ends and the middle lie on both grid and diagonal, whatever the counts.
        [$last, $middle] = [$this->count() - 1, intdiv($this->count() - 1, 2)];

        return [
            new GridLine('diagonal-0', [0, $middle, $last]),
            new GridLine('diagonal-1', [
                $this->across - 1,
                $middle,
                $this->count() - $this->across,
            ]),
        ];
    }

    /** @return non-empty-list<int> */
    private function column(int $column): array
    {
        return array_map(fn (int $row): int => $row * $this->across + $column, range(0, $this->along - 1));
    }

    /** @return non-empty-list<int> */
    private function row(int $row): array
    {
        return array_map(fn (int $column): int => $row * $this->across + $column, range(0, $this->across - 1));
    }
}
