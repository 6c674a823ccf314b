<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Straightedge;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\Reading;

/** The gaps between three edges closed on each other two at a time, as far as they have been read. */
final readonly class ThreePairs
{
    /** Pairs by the column they are typed in; the last one has its second edge turned end for end. */
    public const COLUMNS = ['ab', 'bc', 'ca', 'abTurned'];

    private const ASKS = [
        'ab' => 'Close the first and the second edge on each other like a book, and type the gap at each place.',
        'bc' => 'Now the second and the third, closed the same way.',
        'ca' => 'Now the third and the first.',
    ];

    private const LEAST_STATIONS = 3;

    /** @param  list<array<string, Reading>>  $rows  at and each of COLUMNS */
    private function __construct(public array $rows)
    {
    }

    /** @param  list<array<string, string>>  $rows  at and each of COLUMNS; what is missing counts as not typed */
    public static function of(array $rows, LengthFormatter $format): self
    {
        return new self(self::read($rows, $format));
    }

    /** What is to be read next; null: all that is needed is there. */
    public function asks(): ?string
    {
        $columns = $this->columns();
        foreach (self::ASKS as $column => $says) {
            if (! isset($columns[$column])) {
                return $says;
            }
        }

        return null;
    }

    /** @return list<Reading> */
    public function readings(): array
    {
        return array_merge(...array_map(array_values(...), $this->rows));
    }

    /** @return list<array<string, string>> */
    public function typed(): array
    {
        return array_map(
            static fn (array $row): array => array_map(static fn (Reading $one): string => $one->typed, $row),
            $this->rows,
        );
    }

    /** @return array<string, non-empty-list<float>> at, and the columns that are read at every place */
    public function columns(): array
    {
        $rows = array_values(
            array_filter($this->rows, static fn (array $row): bool => $row['at']->value !== null),
        );
        $columns = [];
        foreach (['at', ...self::COLUMNS] as $column) {
            $values = array_values(
                array_filter(array_map(static fn (array $row): ?float => $row[$column]->value, $rows), is_float(...)),
            );
            if ($values !== [] && count($values) === count($rows) && count($rows) >= self::LEAST_STATIONS) {
                $columns[$column] = $values;
            }
        }

        return $columns;
    }

    /**
     * @param  list<array<string, string>>  $rows
     * @return list<array<string, Reading>>
     */
    private static function read(array $rows, LengthFormatter $format): array
    {
        $read = [];
        $before = null;
        foreach ($rows as $row) {
            $at = Reading::length($row['at'] ?? '', $format)->within(0, 10000, 'An edge is at most ten metres long.');
            if ($at->value !== null && $before !== null && $at->value <= $before) {
                $at = $at->within(
                    $before + 1e-9,
                    10000,
                    $at->value === $before
                        ? 'This place is there already.'
                        : 'Places go from one end to the other: this one is before the last.',
                );
            }
            $before = $at->value ?? $before;
            $gaps = array_map(
                static fn (string $column): Reading => Reading::length($row[$column] ?? '', $format)->within(
                    -1,
                    20,
                    'A gap this wide is seen without a test. Check the unit.',
                ),
                self::COLUMNS,
            );
            $read[] = ['at' => $at, ...array_combine(self::COLUMNS, $gaps)];
        }

        return $read;
    }
}
