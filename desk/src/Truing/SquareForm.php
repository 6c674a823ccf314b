<?php

declare(strict_types=1);

namespace JackRest\Desk\Truing;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\ShavingPass;
use JackRest\Core\Truing\SquareEdge;
use JackRest\Core\Truing\SquareReversal;
use JackRest\Core\Truing\SquareReversalInput;
use JackRest\Core\Truing\SquareReversalResult;
use JackRest\Core\Truing\SquareStrokes;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;

/** A reversal test as far as it has been typed: every field understood or questioned, and what follows so far. */
final readonly class SquareForm
{
    // A square further out than this is seen without a test; from memory.
    private const DOUBTFUL_DEG = 1.0;

    private const LEAST_MM = 0.0001;

    /** Nobody rubs more than this off a metal blade by hand; from memory. */
    private const MOST_METAL_MM = 0.3;

    /**
     * @param  array<string, Reading>  $readings  length, nearGap, lineWidth, shaving, tolerance, width, least
     * @param  list<Reading>  $farGaps
     */
    private function __construct(
        public array $readings,
        public array $farGaps,
        public ?SquareReversalInput $test,
        public ?SquareReversalResult $result,
        public LengthFormatter $format,
        public ?string $objection,
        public bool $isMetal,
        private float $bladeMm,
    ) {
    }

    /**
     * @param  array{length: string, farGaps: list<string>, nearGap: string, lineWidth: string, shaving: string, tolerance: string, width?: string, least?: string}  $typed
     * @param  bool  $firstLineLeft  whether the line knifed with the stock to the left is the left one at the tip
     * @param  float  $longestMm  length of the blade
     */
    public static function of(array $typed, bool $firstLineLeft, SquareEdge $edge, Instrument $instrument, float $longestMm, LengthFormatter $format, bool $isMetal = false): self
    {
        $length = Reading::length($typed['length'], $format)->within(10, $longestMm, "The blade is {$format->dimension($longestMm)} long: test along 10 mm or more of it.");
        $span = $length->value ?? $longestMm;
        $readings = [
            'length' => $length,
            'nearGap' => self::gap($typed['nearGap'], $span, $format),
            'lineWidth' => Reading::length($typed['lineWidth'], $format)->within(0, 3, 'A knifed or pencilled line is no wider than 3 mm.'),
            'shaving' => Reading::length($typed['shaving'], $format)->within(self::LEAST_MM, 1, 'A shaving is thicker than nought and thinner than 1 mm.'),
            'tolerance' => Reading::length($typed['tolerance'], $format)->within(self::LEAST_MM, 20, 'A tolerance is more than nought and less than 20 mm.'),
            'width' => Reading::length($typed['width'] ?? '', $format)->within(1, 300, 'A blade is between 1 and 300 mm wide.'),
            'least' => Reading::length($typed['least'] ?? '', $format)->within(0, 300, 'The least width is less than 300 mm.'),
        ];
        $farGaps = self::farGaps($typed['farGaps'], $span, $format);
        [$test, $objection] = self::test($readings, $farGaps, $firstLineLeft, $edge, $instrument, $format);

        return new self($readings, $farGaps, $test, $test === null ? null : (new SquareReversal)($test), $format, $objection, $isMetal, $longestMm);
    }

    public function next(): Advice
    {
        return match (true) {
            $this->test !== null && $this->result !== null => $this->tested($this->test, $this->result),
            $this->hasWrongFigure() => Advice::correct(),
            default => SquareAdvice::beforeAnyGap(),
        };
    }

    /** Width that the blade would have at its narrowest afterwards, mm; null: it was never measured. */
    public function widthLeftMm(): ?float
    {
        $width = $this->readings['width']->value;

        return $width === null || $this->result === null ? null : $width - abs($this->result->errorMm);
    }

    private function isTooNarrow(): bool
    {
        $left = $this->widthLeftMm();
        $least = $this->readings['least']->value;

        return $left !== null && $least !== null && $left < $least;
    }

    private function tested(SquareReversalInput $test, SquareReversalResult $result): Advice
    {
        $outside = $result->verdict === Verdict::Outside;

        return match (true) {
            $outside && $this->isTooNarrow() => SquareAdvice::makeNew($test, $result, (float) $this->widthLeftMm(), (float) $this->readings['least']->value, $this->format),
            $outside && $this->isMetal && abs($result->errorMm) > self::MOST_METAL_MM => SquareAdvice::leaveMetal($test, $result, $this->format),
            $outside && $this->isMetal => SquareAdvice::rubMetal($test, $result, $this->format),
            default => SquareAdvice::of($test, $result, $this->format, $this->bladeMm),
        };
    }

    private function hasWrongFigure(): bool
    {
        return array_filter([...$this->readings, ...$this->farGaps], static fn (Reading $reading): bool => $reading->error !== null) !== [];
    }

    /** @return list<ShavingPass> */
    public function strokes(): array
    {
        return $this->test === null || $this->result === null || ! $this->next()->takeOff || $this->isMetal ? [] : SquareStrokes::for($this->test, $this->result);
    }

    /** @return list<Explanation> */
    public function explained(): array
    {
        return $this->test === null || $this->result === null ? [] : SquareExplained::of($this->test, $this->result, $this->format);
    }

    /**
     * @param  list<string>  $typed
     * @return list<Reading>
     */
    private static function farGaps(array $typed, float $span, LengthFormatter $format): array
    {
        $gaps = array_map(static fn (string $text): Reading => self::gap($text, $span, $format), $typed);
        $first = array_values(array_filter($gaps, static fn (Reading $gap): bool => $gap->value !== null))[0] ?? null;

        return array_map(
            static fn (Reading $gap): Reading => $first === null || $gap === $first ? $gap : $gap->beside((float) $first->value, $format),
            $gaps,
        );
    }

    private static function gap(string $typed, float $span, LengthFormatter $format): Reading
    {
        $gap = Reading::length($typed, $format)->within(-$span * 0.5, $span * 0.5, 'A gap is far smaller than the blade. Check the unit.');
        $deg = $gap->value === null ? 0.0 : rad2deg(atan(abs($gap->value) / 2 / $span));

        return $deg > self::DOUBTFUL_DEG
            ? $gap->doubted('That is '.LengthFormatter::fixed($deg, 1).'° out, which shows without a test. Is the unit right?')
            : $gap;
    }

    /**
     * @param  array<string, Reading>  $readings
     * @param  list<Reading>  $farGaps
     * @return array{SquareReversalInput|null, string|null}
     */
    private static function test(array $readings, array $farGaps, bool $firstLineLeft, SquareEdge $edge, Instrument $instrument, LengthFormatter $format): array
    {
        $sign = $firstLineLeft ? 1.0 : -1.0;
        $gaps = array_values(array_filter(array_map(static fn (Reading $gap): ?float => $gap->value, $farGaps), is_float(...)));
        $wrong = array_filter([...$readings, ...$farGaps], static fn (Reading $reading): bool => $reading->error !== null);
        if ($gaps === [] || $wrong !== [] || $readings['length']->value === null) {
            return [null, null];
        }
        try {
            return [new SquareReversalInput(
                $readings['length']->value,
                array_map(static fn (float $gap): float => $sign * $gap, $gaps),
                $sign * ($readings['nearGap']->value ?? 0.0),
                $readings['lineWidth']->value ?? 0.0,
                $instrument->resolutionMm($format->paperMm),
                $edge,
                $readings['shaving']->value,
                $readings['tolerance']->value,
            ), null];
        } catch (InvalidInput $impossible) {
            return [null, $impossible->getMessage()];
        }
    }
}
