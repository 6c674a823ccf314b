<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Straightedge;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\EdgeFound;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\ShavingMap;
use JackRest\Core\Truing\ShavingMapInput;
use JackRest\Core\Truing\ShavingPass;
use JackRest\Core\Truing\ThreeEdges;
use JackRest\Core\Truing\ThreeEdgesInput;
use JackRest\Core\Truing\ThreeEdgesResult;
use JackRest\Core\Truing\TurnedPairs;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;
use JackRest\Desk\Reference\PlaningStep;
use JackRest\Desk\Reference\StrokeWords;
use JackRest\Desk\Reference\TestOfOne;

/** Three edges against each other as far as they have been read, pair by pair. */
final readonly class ThreeEdgesForm
{
    public const EDGES = ['first', 'second', 'third'];

    /** Pairs by the column they are typed in; the last one has its second edge turned end for end. */
    public const COLUMNS = ['ab', 'bc', 'ca', 'abTurned'];

    private const ASKS = [
        'ab' => 'Close the first and the second edge on each other like a book, and type the gap at each place.',
        'bc' => 'Now the second and the third, closed the same way.',
        'ca' => 'Now the third and the first.',
    ];

    private const LEAST_STATIONS = 3;

    /**
     * @param  array<string, Reading>  $readings  shaving, tolerance
     * @param  list<array<string, Reading>>  $rows  at and each of COLUMNS
     */
    private function __construct(
        public array $readings,
        public array $rows,
        public ?ThreeEdgesInput $test,
        public ?ThreeEdgesResult $result,
        public ?string $asks,
        public ?string $objection,
        public float $resolutionMm,
        public LengthFormatter $format,
    ) {
    }

    /**
     * @param  array{shaving: string, tolerance: string}  $typed
     * @param  list<array<string, string>>  $rows  at and each of COLUMNS; what is missing counts as not typed
     */
    public static function of(array $typed, array $rows, Instrument $instrument, LengthFormatter $format): self
    {
        $readings = [
            'shaving' => Reading::length($typed['shaving'], $format)->within(
                0.0001,
                1,
                'A shaving is thicker than nought and thinner than 1 mm.',
            ),
            'tolerance' => Reading::length($typed['tolerance'], $format)->within(
                0.0001,
                20,
                'A tolerance is more than nought and less than 20 mm.',
            ),
        ];
        $read = self::rows($rows, $format);
        $columns = self::columns($read);
        $asks = null;
        foreach (self::ASKS as $column => $says) {
            $asks ??= isset($columns[$column]) ? null : $says;
        }
        [$test, $objection] =
            $asks === null &&
            ! self::isWrong([...array_values($readings), ...array_merge(...array_map(array_values(...), $read))])
                ? self::test($columns, $readings['shaving']->value)
                : [null, null];

        return new self(
            $readings,
            $read,
            $test,
            $test === null ? null : (new ThreeEdges())($test),
            $asks,
            $objection,
            $instrument->resolutionMm($format->paperMm),
            $format,
        );
    }

    public function next(): Advice
    {
        if ($this->result === null || $this->test === null) {
            return match (true) {
                self::isWrong([
                    ...array_values($this->readings),
                    ...array_merge(...array_map(array_values(...), $this->rows)),
                ]) => new Advice(
                    'Mend the figure marked in red; the drawing waits for it.',
                    'Everything else you typed stays as it is.',
                ),
                $this->objection !== null => new Advice($this->objection, 'Everything you typed stays as it is.'),
                default => new Advice(
                    (string) $this->asks,
                    'Three pairs tell all three edges apart, with no straight one among them.',
                ),
            };
        }
        if ($this->contradicts()) {
            return new Advice(
                'Read the pairs again: they contradict each other by '.
                    $this->format->small((float) $this->result->inconsistencyMm).
                    '.',
                'That is more than your readings’ '.
                    $this->format->small($this->resolutionMm).
                    '; a place was misread, or an edge lay otherwise.',
            );
        }

        return $this->planing($this->test);
    }

    /** Whether the readings disagree by more than they can tell apart. */
    public function contradicts(): bool
    {
        return $this->result !== null &&
            $this->result->inconsistencyMm !== null &&
            $this->result->inconsistencyMm > $this->resolutionMm;
    }

    /**
     * Expanded uncertainty (k = 2) of an edge's straightness, mm: ½(bc − ab − ca) carries √3/2 of a reading's, and
     * a straightness √1.5 of a deviation's (JCGM 100).
     */
    public function uncertaintyMm(): float
    {
        return (((2 * sqrt(1.5) * sqrt(3)) / 2) * $this->resolutionMm) / sqrt(12);
    }

    /** What it says of one of them; null: nothing yet, or the readings contradict each other. */
    public function ofOne(int $edge): ?TestOfOne
    {
        $found = $this->edges()[$edge] ?? null;
        $verdict = $found === null || $this->contradicts() ? null : $this->verdict($found);
        if ($found === null || $verdict === null) {
            return null;
        }

        return new TestOfOne(
            '',
            ['rows' => $this->typedRows(), 'edge' => self::EDGES[$edge]],
            [
                'against' => 'three-edges',
                'stationsMm' => $this->test?->stationsMm,
                'deviationMm' => $found->deviationMm,
            ],
            $found->straightnessMm,
            $this->uncertaintyMm(),
            $verdict,
            'as one of three',
        );
    }

    /** The one to plane next; null: none is known to be out. */
    public function worst(): ?int
    {
        return $this->next()->takeOff ? $this->worstOf($this->edges()) : null;
    }

    /** @return list<PlaningStep> what the worst of them wants, as bench mode counts it */
    public function strokes(): array
    {
        $worst = $this->worst();

        return $worst === null || $this->test === null
            ? []
            : PlaningStep::all(
                $this->passes($this->edges()[$worst], $this->test),
                $this->test->stationsMm,
                $this->format,
            );
    }

    /** @return list<EdgeFound> first, second, third; none before all pairs are read */
    public function edges(): array
    {
        return $this->result === null ? [] : [$this->result->a, $this->result->b, $this->result->c];
    }

    public function verdict(EdgeFound $edge): ?Verdict
    {
        $tolerance = $this->readings['tolerance']->value;

        return $tolerance === null ? null : Verdict::of($edge->straightnessMm, $this->uncertaintyMm(), $tolerance);
    }

    /** @return list<Explanation> */
    public function explained(): array
    {
        return $this->result === null
            ? []
            : [
                new Explanation(
                    'How can three crooked edges tell?',
                    'first = ½ · (gap second–third − gap first–second − gap third–first), and in turn',
                    'straight to '.
                        implode(
                            ', ',
                            array_map(
                                fn (EdgeFound $edge): string => $this->format->small($edge->straightnessMm),
                                $this->edges(),
                            ),
                        ),
                    Basis::Published,
                    'The three-plate principle, J. Whitworth, 1840s.',
                ),
                new Explanation(
                    'How sure is that?',
                    'U = 2 · √1.5 · (√3 ÷ 2) · resolution ÷ √12',
                    '± '.$this->format->small($this->uncertaintyMm()),
                    Basis::Published,
                    'Guide to the expression of uncertainty in measurement, JCGM 100.',
                ),
            ];
    }

    private function planing(ThreeEdgesInput $test): Advice
    {
        $edges = $this->edges();
        $worst = $this->worstOf($edges);
        $name = self::EDGES[$worst];
        $verdict = $this->verdict($edges[$worst]);
        if ($verdict === Verdict::Within) {
            return new Advice(
                'Leave all three: they are straight enough for this work.',
                "The worst is the $name, straight to {$this->format->small($edges[$worst]->straightnessMm)} ± ".
                    "{$this->format->small($this->uncertaintyMm())}.",
            );
        }
        if ($verdict !== Verdict::Outside) {
            return new Advice(
                $verdict === null
                    ? 'Type what the work can bear.'
                    : 'Can’t tell yet: read the gaps with something finer.',
                "The worst is the $name, straight to {$this->format->small($edges[$worst]->straightnessMm)} ± ".
                    "{$this->format->small($this->uncertaintyMm())}.",
            );
        }
        $passes = $this->passes($edges[$worst], $test);

        return new Advice(
            $passes === []
                ? "Plane the $name edge where it is hatched, with thin shavings."
                : "Plane the $name edge: {$this->saidStrokes($passes, $test)}. Then test all three again.",
            "It is the worst, straight to {$this->format->small($edges[$worst]->straightnessMm)}; one at a time, so ".
                'that the others stay what they are.',
            takeOff: true,
        );
    }

    /** @param  list<EdgeFound>  $edges */
    private function worstOf(array $edges): int
    {
        $worst = 0;
        foreach ($edges as $number => $edge) {
            $worst = $edge->straightnessMm > $edges[$worst]->straightnessMm ? $number : $worst;
        }

        return $worst;
    }

    /** @return list<ShavingPass> none where no shaving is told */
    private function passes(EdgeFound $edge, ThreeEdgesInput $test): array
    {
        $shaving = $this->readings['shaving']->value;

        return $shaving === null
            ? []
            : (new ShavingMap())(new ShavingMapInput($test->stationsMm, $edge->removeMm, $shaving))->passes;
    }

    /** @return list<array<string, string>> */
    private function typedRows(): array
    {
        return array_map(
            static fn (array $row): array => array_map(static fn (Reading $one): string => $one->typed, $row),
            $this->rows,
        );
    }

    /** @param  list<ShavingPass>  $passes */
    private function saidStrokes(array $passes, ThreeEdgesInput $test): string
    {
        return count(StrokeWords::kinds($passes)) > StrokeWords::MOST_KINDS
            ? count($passes).' strokes over what is hatched, the shortest first'
            : StrokeWords::say($passes, $test->stationsMm, $this->format);
    }

    /**
     * @param  list<array<string, string>>  $rows
     * @return list<array<string, Reading>>
     */
    private static function rows(array $rows, LengthFormatter $format): array
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

    /**
     * @param  list<array<string, Reading>>  $rows
     * @return array<string, non-empty-list<float>> at, and the columns that are read at every place
     */
    private static function columns(array $rows): array
    {
        $rows = array_values(array_filter($rows, static fn (array $row): bool => $row['at']->value !== null));
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

    /** @param  list<Reading>  $readings */
    private static function isWrong(array $readings): bool
    {
        return array_filter($readings, static fn (Reading $reading): bool => $reading->error !== null) !== [];
    }

    /**
     * @param  array<string, non-empty-list<float>>  $columns
     * @return array{ThreeEdgesInput|null, string|null}
     */
    private static function test(array $columns, ?float $shavingMm): array
    {
        try {
            return [
                new ThreeEdgesInput(
                    $columns['at'],
                    $columns['ab'],
                    $columns['bc'],
                    $columns['ca'],
                    $shavingMm,
                    isset($columns['abTurned']) ? new TurnedPairs($columns['abTurned']) : null,
                ),
                null,
            ];
        } catch (InvalidInput $impossible) {
            return [null, 'The place '.lcfirst($impossible->errors[0]->message).'.'];
        }
    }
}
