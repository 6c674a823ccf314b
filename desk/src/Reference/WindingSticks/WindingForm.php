<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\WindingSticks;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\UncertaintyBudget;
use JackRest\Core\Truing\Verdict;
use JackRest\Core\Truing\WindingCorner;
use JackRest\Core\Truing\WindingMap;
use JackRest\Core\Truing\WindingMapInput;
use JackRest\Core\Truing\WindingMapResult;
use JackRest\Core\Truing\WindingStation;
use JackRest\Core\Truing\WindingSticks;
use JackRest\Core\Truing\WindingSticksInput;
use JackRest\Core\Truing\WindingSticksResult;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;
use JackRest\Desk\Reference\PlaningStep;
use JackRest\Desk\Reference\TestOfOne;

/**
 * A board under winding sticks as far as it has been typed: the near stick stays at the first place, the far one walks.
 */
final readonly class WindingForm
{
    /** What an eye tells apart over sticks, mm; from memory. */
    private const SEEN_MM = 0.5;

    /** What sticks may be out that nobody tested, over their length, mm; from memory. */
    private const UNTESTED_STICKS_MM = 0.3;

    /** A board's wind has a history beside that of its flatness. */
    public const SERIES = 'wind';

    /**
     * @param  array<string, Reading>  $readings  boardWidth, stickLength, turned, shaving, tolerance
     * @param  list<array{at: Reading, reading: Reading}>  $rows  every place of the far stick
     * @param  float|null  $sticksMm  what the sticks' own error may be over their length, mm; null: nobody knows
     * @param  WindingSticksResult|null  $sticks  from the last place, where the twist is largest to see
     */
    private function __construct(
        public array $readings,
        public array $rows,
        public ?WindingSticksResult $sticks,
        public ?WindingMapResult $map,
        public ?string $objection,
        private ?float $sticksMm,
        public LengthFormatter $format,
    ) {
    }

    /**
     * @param  array{
     *     boardWidth: string, stickLength: string, turned: string, shaving: string, tolerance: string,
     * }  $typed
     * @param  list<array{at: string, reading: string}>  $rows
     * @param  float|null  $sticksMm  what the sticks' own error may be over their length, mm; null: nobody knows
     */
    public static function of(array $typed, array $rows, ?float $sticksMm, LengthFormatter $format): self
    {
        $readings = [
            'boardWidth' => Reading::length($typed['boardWidth'], $format)->within(
                10,
                2000,
                'A board is between 10 and 2000 mm wide.',
            ),
            'stickLength' => Reading::length($typed['stickLength'], $format)->within(
                50,
                2500,
                'Winding sticks are between 50 and 2500 mm long.',
            ),
            'turned' => Reading::length($typed['turned'], $format)->within(
                -100,
                100,
                'A reading is far smaller than the sticks are long. Check the unit.',
            ),
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
        $read = self::rows($rows, $readings['stickLength']->value, $format);
        [$sticks, $map, $objection] = self::answers($readings, $read);

        return new self($readings, $read, $sticks, $map, $objection, $sticksMm, $format);
    }

    /**
     * A reading by eye over sticks is known to half a millimetre (from memory); turning the far stick halves its share
     * and takes out the stick's own error, which else stays in. Each counts by width ÷ length of sticks (JCGM 100).
     */
    public function budget(): UncertaintyBudget
    {
        [$width, $length] = [$this->readings['boardWidth']->value, $this->readings['stickLength']->value];
        if ($width === null || $length === null) {
            return new UncertaintyBudget([]);
        }
        $scale = ($width / $length) ** 2;
        $isTurned = $this->sticks?->stickErrorMm !== null;

        return new UncertaintyBudget([
            'reading' => $scale * self::SEEN_MM ** 2 / ($isTurned ? 24 : 12),
            'sticks' => $isTurned
                ? 0.0
                : $scale * UncertaintyBudget::varianceOfExpanded($this->sticksMm ?? self::UNTESTED_STICKS_MM),
        ]);
    }

    /** Null: there is no result, or no tolerance. */
    public function verdict(): ?Verdict
    {
        $tolerance = $this->readings['tolerance']->value;

        return $this->map === null || $tolerance === null
            ? null
            : Verdict::of($this->map->totalTwistMm, $this->budget()->expandedMm(), $tolerance);
    }

    /** What it says of the board; null: nothing yet. */
    public function ofBoard(): ?TestOfOne
    {
        $verdict = $this->verdict();

        return $verdict === null || $this->map === null
            ? null
            : new TestOfOne(
                self::SERIES,
                array_map(static fn (Reading $one): string => $one->typed, $this->readings) + [
                    'rows' => array_map(
                        static fn (array $row): array => [
                            'at' => $row['at']->typed,
                            'reading' => $row['reading']->typed,
                        ],
                        $this->rows,
                    ),
                ],
                [],
                $this->map->totalTwistMm,
                $this->budget()->expandedMm(),
                $verdict,
                'in wind',
            );
    }

    /** @return list<PlaningStep> one for each high corner */
    public function strokes(): array
    {
        if (! $this->next()->takeOff || $this->readings['shaving']->value === null) {
            return [];
        }
        $length = $this->map === null ? 0.0 : $this->map->corners[count($this->map->corners) - 1]->atMm;

        return array_map(
            fn (WindingCorner $corner): PlaningStep => PlaningStep::tapered(
                self::shavings($corner->shavings ?? 0)." off the {$this->name($corner)}, along the diagonal",
                $length,
                $corner->shavings ?? 0,
            ),
            $this->high(),
        );
    }

    public function next(): Advice
    {
        return WindingAdvice::of($this);
    }

    /** @return list<Explanation> */
    public function explained(): array
    {
        return $this->sticks === null
            ? []
            : [
                new Explanation(
                    'How much twist is that?',
                    'twist = reading · width of the board ÷ length of the sticks'.
                        ($this->sticks->stickErrorMm === null ? '' : ', the reading the mean of both ways round'),
                    $this->format->small($this->sticks->twistMm).
                        ', shown '.
                        LengthFormatter::decimal($this->sticks->magnification, 1).
                        ' times as large'.
                        ($this->sticks->stickErrorMm === null
                            ? ''
                            : '; the stick’s own error '.$this->format->small($this->sticks->stickErrorMm)),
                    Basis::CommonPractice,
                    'Plane geometry. What comes off is the least that leaves one plane below every place.',
                ),
                new Explanation(
                    'How sure is that?',
                    'U = width ÷ length · √(1.96² · seen² ÷ '.
                        ($this->sticks->stickErrorMm === null ? '12 + sticks²' : '24').
                        ')',
                    '± '.$this->format->small($this->budget()->expandedMm()),
                    Basis::FromMemory,
                    'Guide to the expression of uncertainty in measurement, JCGM 100; what an eye tells: memory.',
                ),
            ];
    }

    public function hasWrongFigure(): bool
    {
        $all = [
            ...array_values($this->readings),
            ...array_column($this->rows, 'at'),
            ...array_column($this->rows, 'reading'),
        ];

        return array_filter($all, static fn (Reading $reading): bool => $reading->error !== null) !== [];
    }

    /** @return list<WindingCorner> those that come down most */
    public function high(): array
    {
        $corners = $this->map->corners ?? [];
        $most = max([0.0, ...array_map(static fn (WindingCorner $corner): float => $corner->removeMm, $corners)]);

        return array_values(
            array_filter($corners, static fn (WindingCorner $corner): bool => $corner->removeMm > 0.75 * $most),
        );
    }

    /** What a corner is called at the bench. */
    public function name(WindingCorner $corner): string
    {
        $corners = $this->map->corners ?? [$corner];

        return match ($corner->atMm) {
            $corners[0]->atMm => "near {$corner->side->value}",
            $corners[count($corners) - 1]->atMm => "far {$corner->side->value}",
            default => "{$corner->side->value} at {$this->format->dimension($corner->atMm)}",
        };
    }

    public static function shavings(int $count): string
    {
        return $count === 1 ? '1 shaving' : "$count shavings";
    }

    /**
     * @param  list<array{at: string, reading: string}>  $rows
     * @return list<array{at: Reading, reading: Reading}>
     */
    private static function rows(array $rows, ?float $stickMm, LengthFormatter $format): array
    {
        $read = [];
        $before = 0.0;
        foreach ($rows as $row) {
            $at = Reading::length($row['at'], $format)->within(
                1,
                10000,
                'The far stick lies beyond the near one, at most ten metres.',
            );
            if ($at->value !== null && $at->error === null && $at->value <= $before) {
                $at = $at->within(
                    $before + 1e-9,
                    10000,
                    $at->value === $before
                        ? 'This place is there already.'
                        : 'Places go from the near end to the far one: this one is before the last.',
                );
            }
            $before = $at->value ?? $before;
            $half = ($stickMm ?? 450.0) / 4;
            $read[] = [
                'at' => $at,
                'reading' => Reading::length($row['reading'], $format)->within(
                    -$half,
                    $half,
                    'A reading is far smaller than the sticks are long. Check the unit.',
                ),
            ];
        }

        return $read;
    }

    /**
     * @param  array<string, Reading>  $readings
     * @param  list<array{at: Reading, reading: Reading}>  $rows
     * @return array{WindingSticksResult|null, WindingMapResult|null, string|null}
     */
    private static function answers(array $readings, array $rows): array
    {
        $stations = [new WindingStation(0.0, 0.0)];
        foreach ($rows as ['at' => $at, 'reading' => $reading]) {
            if ($at->error !== null || $reading->error !== null) {
                return [null, null, null];
            }
            if ($at->value !== null && $reading->value !== null) {
                $stations[] = new WindingStation($at->value, $reading->value);
            }
        }
        [$width, $length] = [$readings['boardWidth']->value, $readings['stickLength']->value];
        $wrong = array_filter($readings, static fn (Reading $reading): bool => $reading->error !== null);
        if (count($stations) < 2 || $width === null || $length === null || $wrong !== []) {
            return [null, null, null];
        }
        try {
            $last = $stations[count($stations) - 1]->readingMm;
            $sticks = (new WindingSticks())(
                new WindingSticksInput($width, $length, $last, $readings['turned']->value, $readings['shaving']->value),
            );
            // The far stick's own error rides on every reading alike: it is taken off before the board is mapped.
            $own = $sticks->stickErrorMm ?? 0.0;
            $true = array_map(
                static fn (WindingStation $station, int $index): WindingStation => $index === 0
                    ? $station
                    : new WindingStation($station->atMm, $station->readingMm - $own),
                $stations,
                array_keys($stations),
            );

            return [
                $sticks,
                (new WindingMap())(new WindingMapInput($width, $length, $true, $readings['shaving']->value)),
                null,
            ];
        } catch (InvalidInput $impossible) {
            return [null, null, ucfirst($impossible->errors[0]->message).'.'];
        }
    }
}
