<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Straightedge;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\UncertaintyBudget;
use JackRest\Core\Truing\EdgeShape;
use JackRest\Core\Truing\ShavingLearnt;
use JackRest\Core\Truing\ShavingMap;
use JackRest\Core\Truing\ShavingMapInput;
use JackRest\Core\Truing\ShavingMapResult;
use JackRest\Core\Truing\SquareReversal;
use JackRest\Core\Truing\StraightedgeMethod;
use JackRest\Core\Truing\StraightedgeReversal;
use JackRest\Core\Truing\StraightedgeReversalInput;
use JackRest\Core\Truing\StraightedgeReversalResult;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Reading;
use JackRest\Desk\Reference\Correction;
use JackRest\Desk\Reference\EarlierTest;
use JackRest\Desk\Reference\PlaningStep;
use JackRest\Desk\Reference\ReferenceSizes;
use JackRest\Desk\Reference\TestForm;
use JackRest\Desk\Reference\TypedTest;

/**
 * A straightedge's reversal test as far as it has been typed: every field understood or questioned, and what follows so
 * far.
 */
final readonly class StraightedgeForm extends TestForm
{
    /** A gap wider than this over an edge that somebody calls straight is asked about; from memory. */
    private const DOUBTFUL_GAP_MM = 4.0;

    /** Two ends and one place between them. */
    private const LEAST_STATIONS = 3;

    public ?StraightedgeReversalInput $test;

    public ?StraightedgeReversalResult $result;

    public StraightedgeMethod $method;

    private ?string $objection;

    /** @param  array{at: list<Reading>, gap: list<Reading>}  $rows */
    private function __construct(
        TypedTest $typed,
        Form $form,
        array $rows,
        LengthFormatter $format,
        public ReferenceSizes $sizes,
    ) {
        parent::__construct($typed, $form, $rows, $format);
        $this->method = self::methodOf($typed);
        [$this->test, $this->objection] = $this->read($rows);
        $this->result = $this->test === null ? null : (new StraightedgeReversal())($this->test);
    }

    public static function of(TypedTest $typed, ReferenceSizes $sizes, LengthFormatter $format): self
    {
        $fields = array_filter(
            (new StraightedgeReference())->asks($sizes, $format),
            static fn (object $asked): bool => $asked instanceof FormField,
        );
        $form = Form::of(array_values($fields), $typed->figures, $format);

        return new self($typed, $form, self::rows($typed, $sizes->get('length'), $format), $format, $sizes);
    }

    public function errorMm(): ?float
    {
        // A hollow counts below zero, so that an edge which goes from crown to hollow is seen to move.
        return $this->result === null
            ? null
            : ($this->result->shape === EdgeShape::Hollow ? -1.0 : 1.0) * $this->result->straightnessMm;
    }

    public function size(): string
    {
        return "straight to {$this->format->small(abs((float) $this->errorMm()))} ± "
            ."{$this->format->small($this->uncertaintyMm())}";
    }

    public function found(): ?string
    {
        return $this->result?->shape->label();
    }

    public function standing(): string
    {
        return $this->next()->far;
    }

    public function objection(): ?string
    {
        return $this->objection;
    }

    public function missing(): ?string
    {
        return match (true) {
            $this->result === null => $this->objection ?? 'Type the gap at three places at least, ends included.',
            $this->form->value('shaving') === null => 'Type how thick one shaving is.',
            $this->form->value('tolerance') === null => 'Type your tolerance.',
            default => null,
        };
    }

    public function budget(): UncertaintyBudget
    {
        return $this->method === StraightedgeMethod::Flat
            ? self::budgetOnFlat($this->form->value('flatTo') ?? 0.0, $this->resolutionMm)
            : self::budgetReversed($this->form->value('lineWidth') ?? 0.0, $this->resolutionMm);
    }

    /**
     * What the straightness is uncertain by.
     *
     * One deviation is known to u = ½·√(line²/6 + resolution²/12) as in {@see SquareReversal}. Straightness is one
     * station's distance from a line through two others; half way between them that distance carries √(1 + ¼ + ¼) of
     * it (JCGM 100).
     */
    public static function budgetReversed(float $lineWidthMm, float $resolutionMm): UncertaintyBudget
    {
        return new UncertaintyBudget([
            'line' => 1.5 * $lineWidthMm ** 2 / 6 / 4,
            'reading' => 1.5 * $resolutionMm ** 2 / 12 / 4,
        ]);
    }

    /**
     * On a flat nothing is halved and no line drawn: u² = 1.5·resolution²/12 + that of the flat, as true as the user
     * says.
     */
    public static function budgetOnFlat(float $flatToMm, float $resolutionMm): UncertaintyBudget
    {
        return new UncertaintyBudget([
            'reading' => 1.5 * $resolutionMm ** 2 / 12,
            'flat' => UncertaintyBudget::varianceOfExpanded($flatToMm),
        ]);
    }

    public function verdict(): ?Verdict
    {
        $tolerance = $this->form->value('tolerance');

        return $this->result === null || $tolerance === null
            ? null
            : Verdict::of($this->result->straightnessMm, $this->uncertaintyMm(), $tolerance);
    }

    public function next(): Advice
    {
        return StraightedgeAdvice::of($this);
    }

    /**
     * The strokes that take off what stands proud; null: nothing is to be planed, or nothing is known of the shaving.
     */
    public function map(): ?ShavingMapResult
    {
        $shaving = $this->form->value('shaving');

        return $this->result === null ||
            $this->test === null ||
            $shaving === null ||
            $this->verdict() !== Verdict::Outside
            ? null
            : (new ShavingMap())(new ShavingMapInput($this->test->stationsMm, $this->result->removeMm, $shaving));
    }

    /** Least height that the wood would have afterwards, mm; null: it was never measured. */
    public function heightLeftMm(): ?float
    {
        $height = $this->form->value('height') ?? $this->sizes->find('height');

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
        return $this->form->value('least') ?? $this->sizes->find('least');
    }

    /** @return list<Explanation> */
    public function explained(): array
    {
        return StraightedgeExplained::of($this);
    }

    public function strokes(): array
    {
        $map = $this->next()->takeOff ? $this->map() : null;

        return $map === null ? [] : PlaningStep::all($map->passes, $this->test->stationsMm ?? [0.0], $this->format);
    }

    public function correction(): Correction
    {
        $height = $this->heightLeftMm();
        $map = $this->map();

        return self::planed($map->passCount ?? 0, $height === null ? [] : ['height' => $height], $map->shavings ?? []);
    }

    /**
     * @param  array<string, float>  $lower  the height, where it is known: what is planed off is gone
     * @param  list<int>  $shavings  that each place lost
     */
    public static function planed(int $strokes, array $lower, array $shavings): Correction
    {
        $count = $strokes === 1 ? '1 stroke' : "$strokes strokes";

        return new Correction($strokes, "$count taken", "Took $count.", $lower, ['shavings' => $shavings]);
    }

    public function facts(): array
    {
        return [
            'against' => $this->method->value,
            'stationsMm' => $this->test?->stationsMm,
            'deviationMm' => $this->result?->deviationMm,
        ];
    }

    public function learntShavingMm(EarlierTest $before): ?float
    {
        $facts = $before->facts;
        if (
            $this->result === null ||
            $this->test === null ||
            $before->strokes === null ||
            ! isset($facts['stationsMm'], $facts['deviationMm'], $facts['shavings'])
        ) {
            return null;
        }
        /**
         * @var array{stationsMm: non-empty-list<int|float>, deviationMm: non-empty-list<int|float>,
         *     shavings: non-empty-list<int>} $facts
         */
        $stations = array_map(floatval(...), $facts['stationsMm']);

        return $stations === $this->test->stationsMm
            ? ShavingLearnt::mm(
                $stations,
                array_map(floatval(...), $facts['deviationMm']),
                $this->result->deviationMm,
                $facts['shavings'],
                (float) $this->form->value('shaving'),
            )
            : null;
    }

    private static function methodOf(TypedTest $typed): StraightedgeMethod
    {
        return StraightedgeMethod::tryFrom($typed->choices['against'] ?? '') ?? StraightedgeMethod::Reversal;
    }

    /** @return array{at: list<Reading>, gap: list<Reading>} */
    private static function rows(TypedTest $typed, float $lengthMm, LengthFormatter $format): array
    {
        $rows = ['at' => [], 'gap' => []];
        $before = null;
        foreach ($typed->lists['at'] ?? [] as $index => $place) {
            $at = Reading::length($place, $format)->within(
                0,
                $lengthMm,
                "The edge is {$format->dimension($lengthMm)} long.",
            );
            if ($at->value !== null && $before !== null) {
                $at = $at->within(
                    $before + 1e-9,
                    $lengthMm,
                    $at->value === $before
                        ? 'This place is there already.'
                        : 'Places go from one end to the other: this one is before the last.',
                );
            }
            $before = $at->value ?? $before;
            $rows['at'][] = $at;
            $rows['gap'][] = self::gap($typed->lists['gap'][$index] ?? '', $lengthMm, self::methodOf($typed), $format);
        }

        return $rows;
    }

    private static function gap(
        string $typed,
        float $lengthMm,
        StraightedgeMethod $method,
        LengthFormatter $format,
    ): Reading {
        $least = $method === StraightedgeMethod::Flat ? 0.0 : -INF;
        $gap = Reading::length($typed, $format)
            ->within($least, INF, 'On a flat a gap is 0 or more: the edge lies on what is highest.')
            ->within(
                -$lengthMm * 0.25,
                $lengthMm * 0.25,
                'A gap is far smaller than the edge is long. Check the unit.',
            );

        return $gap->value === null || $gap->doubt !== null || abs($gap->value) <= self::DOUBTFUL_GAP_MM
            ? $gap
            : self::asked($gap, $format);
    }

    /** So wide a gap may be the other unit: 25.4 times too large. */
    private static function asked(Reading $gap, LengthFormatter $format): Reading
    {
        return $gap->doubted(
            'That wide a gap shows without a test. Is the unit right?',
            $format->typed((float) $gap->value / 25.4),
        );
    }

    /**
     * A gap becomes twice the error, proud: on a flat it is the error itself; drawn, its sign is the line's.
     *
     * @param  array{at: list<Reading>, gap: list<Reading>}  $rows
     * @return array{StraightedgeReversalInput|null, string|null} the test, or what does not go together
     */
    private function read(array $rows): array
    {
        $isProud = ($this->typed->choices['farLine'] ?? 'first') === 'first';
        $sign = $this->method === StraightedgeMethod::Flat ? -2.0 : ($isProud ? 1.0 : -1.0);
        $stations = $gaps = [];
        foreach ($rows['at'] as $index => $at) {
            $gap = $rows['gap'][$index];
            if ($at->value !== null && $gap->value !== null) {
                $stations[] = $at->value;
                $gaps[] = $sign * $gap->value;
            }
        }
        if ($gaps === [] || count($stations) < self::LEAST_STATIONS || ! $this->isSound()) {
            return [null, null];
        }
        try {
            return [
                new StraightedgeReversalInput(
                    $stations,
                    $gaps,
                    $this->form->value('shaving'),
                    $this->form->value('tolerance') ?? 0.0,
                ),
                null,
            ];
        } catch (InvalidInput $impossible) {
            return [null, ucfirst($impossible->errors[0]->message).'.'];
        }
    }
}
