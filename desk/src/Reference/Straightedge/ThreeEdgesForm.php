<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Straightedge;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\UncertaintyBudget;
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
use JackRest\Desk\Reference\TestOfOne;

/** Three edges against each other as far as they have been read, pair by pair. */
final readonly class ThreeEdgesForm
{
    public const EDGES = ['first', 'second', 'third'];

    /** @param  array<string, Reading>  $readings  shaving, tolerance */
    private function __construct(
        public array $readings,
        public ThreePairs $pairs,
        public ?ThreeEdgesInput $test,
        public ?ThreeEdgesResult $result,
        public ?string $objection,
        public float $resolutionMm,
        public LengthFormatter $format,
    ) {
    }

    /**
     * @param  array{shaving: string, tolerance: string}  $typed
     * @param  list<array<string, string>>  $rows  at and each of the columns; what is missing counts as not typed
     */
    public static function of(array $typed, array $rows, Instrument $instrument, LengthFormatter $format): self
    {
        $readings = [
            'shaving' => Reading::length($typed['shaving'], $format)->within(
                0.0001,
                1,
                'A shaving is thicker than 0 and thinner than 1 mm.',
            ),
            'tolerance' => Reading::length($typed['tolerance'], $format)->within(
                0.0001,
                20,
                'A tolerance is more than 0 and less than 20 mm.',
            ),
        ];
        $pairs = ThreePairs::of($rows, $format);
        [$test, $objection] =
            $pairs->asks() === null && self::isSoundIn([...array_values($readings), ...$pairs->readings()])
                ? self::test($pairs->columns(), $readings['shaving']->value)
                : [null, null];

        return new self(
            $readings,
            $pairs,
            $test,
            $test === null ? null : (new ThreeEdges())($test),
            $objection,
            $instrument->resolutionMm($format->paperMm, $format->eyeMm),
            $format,
        );
    }

    public function isSound(): bool
    {
        return self::isSoundIn([...array_values($this->readings), ...$this->pairs->readings()]);
    }

    public function next(): Advice
    {
        return ThreeEdgesAdvice::of($this);
    }

    /** Whether the readings disagree by more than they can tell apart. */
    public function contradicts(): bool
    {
        return $this->result !== null &&
            $this->result->inconsistencyMm !== null &&
            $this->result->inconsistencyMm > $this->resolutionMm;
    }

    /**
     * What an edge's straightness carries of the readings: a deviation ½(bc − ab − ca) has √3/2 of one reading's
     * uncertainty, the straightness √1.5 of the deviation's; a reading lies evenly within its resolution. Source:
     * JCGM 100 (GUM), 4.3.7 and 5.1.2.
     */
    public function budget(): UncertaintyBudget
    {
        return new UncertaintyBudget(['reading' => 1.5 * 0.75 * $this->resolutionMm ** 2 / 12]);
    }

    /** Expanded uncertainty of an edge's straightness, mm. */
    public function uncertaintyMm(): float
    {
        return $this->budget()->expandedMm();
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
            ['rows' => $this->pairs->typed(), 'edge' => self::EDGES[$edge]],
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
        return $this->next()->takeOff ? $this->worstOfAll() : null;
    }

    /** @return list<PlaningStep> what the worst of them wants, as bench mode counts it */
    public function strokes(): array
    {
        $worst = $this->worst();

        return $worst === null || $this->test === null
            ? []
            : PlaningStep::all(
                $this->passes($worst),
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
                    'U = 1.96 · √1.5 · (√3 ÷ 2) · resolution ÷ √12',
                    '± '.$this->format->small($this->uncertaintyMm()),
                    Basis::Published,
                    'Guide to the expression of uncertainty in measurement, JCGM 100.',
                ),
            ];
    }

    /** The number of the edge that is least straight. */
    public function worstOfAll(): int
    {
        $edges = $this->edges();
        $worst = 0;
        foreach ($edges as $number => $edge) {
            $worst = $edge->straightnessMm > $edges[$worst]->straightnessMm ? $number : $worst;
        }

        return $worst;
    }

    /** @return list<ShavingPass> what an edge wants taken off; none where no shaving is told */
    public function passes(int $edge): array
    {
        $shaving = $this->readings['shaving']->value;

        return $shaving === null || $this->test === null
            ? []
            : (new ShavingMap())(
                new ShavingMapInput($this->test->stationsMm, $this->edges()[$edge]->removeMm, $shaving),
            )->passes;
    }

    /** @param  list<Reading>  $readings */
    private static function isSoundIn(array $readings): bool
    {
        return array_filter($readings, static fn (Reading $reading): bool => $reading->error !== null) === [];
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
