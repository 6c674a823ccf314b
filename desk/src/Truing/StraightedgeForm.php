<?php

declare(strict_types=1);

namespace JackRest\Desk\Truing;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\ShavingMap;
use JackRest\Core\Truing\ShavingMapInput;
use JackRest\Core\Truing\ShavingMapResult;
use JackRest\Core\Truing\SquareReversal;
use JackRest\Core\Truing\StraightedgeMethod;
use JackRest\Core\Truing\StraightedgeRecord;
use JackRest\Core\Truing\StraightedgeReversal;
use JackRest\Core\Truing\StraightedgeReversalInput;
use JackRest\Core\Truing\StraightedgeReversalResult;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;

/** A straightedge's reversal test as far as it has been typed: every field understood or questioned, and what follows so far. */
final readonly class StraightedgeForm
{
    /** A gap wider than this over an edge that somebody calls straight is asked about; from memory. */
    private const DOUBTFUL_GAP_MM = 4.0;

    private const LEAST_MM = 0.0001;

    /** Two ends and one place between them. */
    private const LEAST_STATIONS = 3;

    /**
     * @param  array<string, Reading>  $readings  lineWidth, flatTo, shaving, tolerance, height, least
     * @param  list<array{at: Reading, gap: Reading}>  $rows
     * @param  string|null  $objection  what does not go together
     */
    private function __construct(
        public StraightedgeRecord $record,
        public array $readings,
        public array $rows,
        public ?StraightedgeReversalInput $test,
        public ?StraightedgeReversalResult $result,
        public float $uncertaintyMm,
        public LengthFormatter $format,
        public ?string $objection,
        public StraightedgeMethod $method,
        public float $resolutionMm,
    ) {
    }

    /**
     * @param  array{lineWidth: string, shaving: string, tolerance: string, flatTo?: string, height?: string, least?: string}  $typed
     * @param  list<array{at: string, gap: string}>  $rows
     * @param  bool  $isProud  whether a gap typed without a sign means that the edge stands proud there
     */
    public static function of(StraightedgeRecord $record, array $typed, array $rows, bool $isProud, Instrument $instrument, LengthFormatter $format, StraightedgeMethod $method = StraightedgeMethod::Reversal): self
    {
        $readings = [
            'lineWidth' => Reading::length($typed['lineWidth'], $format)->within(0, 3, 'A knifed or pencilled line is no wider than 3 mm.'),
            'shaving' => Reading::length($typed['shaving'], $format)->within(self::LEAST_MM, 1, 'A shaving is thicker than nought and thinner than 1 mm.'),
            'tolerance' => Reading::length($typed['tolerance'], $format)->within(self::LEAST_MM, 20, 'A tolerance is more than nought and less than 20 mm.'),
            'flatTo' => Reading::length($typed['flatTo'] ?? '', $format)->within(0, 5, 'A flat that is trusted is true to less than 5 mm.'),
            'height' => Reading::length($typed['height'] ?? '', $format)->within(1, 2000, 'The wood is between 1 mm and 2 m high.'),
            'least' => Reading::length($typed['least'] ?? '', $format)->within(0, 2000, 'The least height is less than 2 m.'),
        ];
        $read = self::rows($rows, $record, $method, $format);
        [$test, $objection] = self::test($readings, $read, $method === StraightedgeMethod::Flat ? -2.0 : ($isProud ? 1.0 : -1.0));
        $resolution = $instrument->resolutionMm($format->paperMm);
        $uncertainty = $method === StraightedgeMethod::Flat
            ? self::uncertaintyOnFlatMm($readings['flatTo']->value ?? 0.0, $resolution)
            : self::uncertaintyMm($readings['lineWidth']->value ?? 0.0, $resolution);

        return new self($record, $readings, $read, $test, $test === null ? null : (new StraightedgeReversal)($test), $uncertainty, $format, $objection, $method, $resolution);
    }

    /**
     * Expanded uncertainty (k = 2) of the straightness, mm.
     *
     * One deviation is known to √(line²/6 + resolution²/12) as in {@see SquareReversal}. Straightness is one station's
     * distance from a line through two others; half way between them that distance carries √(1 + ¼ + ¼) of it (JCGM 100).
     */
    public static function uncertaintyMm(float $lineWidthMm, float $resolutionMm): float
    {
        return sqrt(1.5 * ($lineWidthMm ** 2 / 6 + $resolutionMm ** 2 / 12));
    }

    /** On a flat nothing is halved and no line drawn: √(resolution²/2 + flat²), the flat as true as the user says. Source: JCGM 100. */
    public static function uncertaintyOnFlatMm(float $flatToMm, float $resolutionMm): float
    {
        return sqrt($resolutionMm ** 2 / 2 + $flatToMm ** 2);
    }

    public function verdict(): ?Verdict
    {
        $tolerance = $this->readings['tolerance']->value;

        return $this->result === null || $tolerance === null ? null : Verdict::of($this->result->straightnessMm, $this->uncertaintyMm, $tolerance);
    }

    public function next(): Advice
    {
        return StraightedgeAdvice::of($this);
    }

    /** The strokes that take off what stands proud; null: nothing is to be planed, or nothing is known of the shaving. */
    public function map(): ?ShavingMapResult
    {
        $shaving = $this->readings['shaving']->value;

        return $this->result === null || $this->test === null || $shaving === null || $this->verdict() !== Verdict::Outside
            ? null
            : (new ShavingMap)(new ShavingMapInput($this->test->stationsMm, $this->result->removeMm, $shaving));
    }

    /** Least height that the wood would have afterwards, mm; null: it was never measured. */
    public function heightLeftMm(): ?float
    {
        $height = $this->readings['height']->value ?? $this->record->heightMm;

        return $height === null || $this->result === null ? null : $height - max([0.0, ...$this->result->removeMm]);
    }

    public function isTooLow(): bool
    {
        $left = $this->heightLeftMm();
        $least = $this->leastMm();

        return $left !== null && $least !== null && $left < $least;
    }

    public function leastMm(): ?float
    {
        return $this->readings['least']->value ?? $this->record->leastMm;
    }

    public function hasWrongFigure(): bool
    {
        $all = [...array_values($this->readings), ...array_column($this->rows, 'at'), ...array_column($this->rows, 'gap')];

        return array_filter($all, static fn (Reading $reading): bool => $reading->error !== null) !== [];
    }

    /** @return list<Explanation> */
    public function explained(): array
    {
        return StraightedgeExplained::of($this);
    }

    /**
     * @param  list<array{at: string, gap: string}>  $rows
     * @return list<array{at: Reading, gap: Reading}>
     */
    private static function rows(array $rows, StraightedgeRecord $record, StraightedgeMethod $method, LengthFormatter $format): array
    {
        $read = [];
        $before = null;
        foreach ($rows as $row) {
            $at = Reading::length($row['at'], $format)->within(0, $record->lengthMm, "The edge is {$format->dimension($record->lengthMm)} long.");
            if ($at->value !== null && $before !== null) {
                $at = $at->within($before + 1e-9, $record->lengthMm, $at->value === $before ? 'This place is there already.' : 'Places go from one end to the other: this one is before the last.');
            }
            $before = $at->value ?? $before;
            $read[] = ['at' => $at, 'gap' => self::gap($row['gap'], $record->lengthMm, $method, $format)];
        }

        return $read;
    }

    private static function gap(string $typed, float $lengthMm, StraightedgeMethod $method, LengthFormatter $format): Reading
    {
        $least = $method === StraightedgeMethod::Flat ? 0.0 : -INF;
        $gap = Reading::length($typed, $format)->within($least, INF, 'On a flat a gap is nought or more: the edge lies on what is highest.')->within(-$lengthMm * 0.25, $lengthMm * 0.25, 'A gap is far smaller than the edge is long. Check the unit.');

        return $gap->value === null || $gap->doubt !== null || abs($gap->value) <= self::DOUBTFUL_GAP_MM ? $gap : self::asked($gap, $format);
    }

    /** So wide a gap may be the other unit: 25.4 times too large. */
    private static function asked(Reading $gap, LengthFormatter $format): Reading
    {
        return $gap->doubted('That wide a gap shows without a test. Is the unit right?', $format->typed((float) $gap->value / 25.4));
    }

    /**
     * @param  array<string, Reading>  $readings
     * @param  list<array{at: Reading, gap: Reading}>  $rows
     * @param  float  $sign  what a gap is multiplied with to be twice the error, proud
     * @return array{StraightedgeReversalInput|null, string|null}
     */
    private static function test(array $readings, array $rows, float $sign): array
    {
        $stations = $gaps = [];
        foreach ($rows as ['at' => $at, 'gap' => $gap]) {
            if ($at->error !== null || $gap->error !== null) {
                return [null, null];
            }
            if ($at->value !== null && $gap->value !== null) {
                $stations[] = $at->value;
                $gaps[] = $sign * $gap->value;
            }
        }
        if ($gaps === [] || count($stations) < self::LEAST_STATIONS || array_filter($readings, static fn (Reading $reading): bool => $reading->error !== null) !== []) {
            return [null, null];
        }
        try {
            return [new StraightedgeReversalInput($stations, $gaps, $readings['shaving']->value, $readings['tolerance']->value ?? 0.0), null];
        } catch (InvalidInput $impossible) {
            return [null, ucfirst($impossible->errors[0]->message).'.'];
        }
    }
}
