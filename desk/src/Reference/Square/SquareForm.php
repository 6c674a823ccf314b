<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Square;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\UncertaintyBudget;
use JackRest\Core\Truing\ShavingLearnt;
use JackRest\Core\Truing\ShavingPass;
use JackRest\Core\Truing\SquareAtWork;
use JackRest\Core\Truing\SquareEdge;
use JackRest\Core\Truing\SquareReversal;
use JackRest\Core\Truing\SquareReversalInput;
use JackRest\Core\Truing\SquareReversalResult;
use JackRest\Core\Truing\SquareStrokes;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Advice;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Reading;
use JackRest\Desk\Reference\Correction;
use JackRest\Desk\Reference\EarlierTest;
use JackRest\Desk\Reference\PlaningStep;
use JackRest\Desk\Reference\ReferenceSizes;
use JackRest\Desk\Reference\TestForm;
use JackRest\Desk\Reference\TypedTest;

/** A reversal test as far as it has been typed: every field understood or questioned, and what follows so far. */
final readonly class SquareForm extends TestForm
{
    public const FAR_TOO_WIDE = 'A gap is far smaller than the blade. Check the unit.';

    // A square further out than this is seen without a test; from memory.
    private const DOUBTFUL_DEG = 1.0;

    /** Nobody rubs more than this off a metal blade by hand; from memory. */
    private const MOST_METAL_MM = 0.3;

    /** Width of the work where nobody said: a hive body's end, or a drawer. */
    private const USUAL_WORK_MM = 300.0;

    public ?SquareReversalInput $test;

    public ?SquareReversalResult $result;

    private ?string $objection;

    public bool $isMetal;

    /** @param  list<Reading>  $farGaps */
    private function __construct(
        TypedTest $typed,
        Form $form,
        array $farGaps,
        LengthFormatter $format,
        private float $bladeMm,
    ) {
        parent::__construct($typed, $form, ['farGaps' => $farGaps], $format);
        $this->isMetal = ($typed->choices['blade'] ?? 'wood') === 'metal';
        [$this->test, $this->objection] = $this->read();
        $this->result = $this->test === null ? null : (new SquareReversal())($this->test);
    }

    public static function of(TypedTest $typed, ReferenceSizes $sizes, LengthFormatter $format): self
    {
        $blade = $sizes->get('blade', 200.0);
        $fields = array_filter(
            (new SquareReference())->asks($sizes, $format),
            static fn (object $asked): bool => $asked instanceof FormField,
        );
        $form = Form::of(array_values($fields), $typed->figures, $format);
        $span = $form->value('length') ?? $blade;
        $near = Reading::length($typed->figures['nearGap'] ?? '', $format);

        return new self(
            $typed,
            $form->with('nearGap', self::gap($near, $span)),
            self::farGaps($typed->lists['farGaps'] ?? [], $span, $format),
            $format,
            $blade,
        );
    }

    public function errorMm(): ?float
    {
        return $this->result?->errorMm;
    }

    public function budget(): UncertaintyBudget
    {
        return $this->test === null ? new UncertaintyBudget([]) : SquareReversal::budget($this->test);
    }

    public function verdict(): ?Verdict
    {
        return $this->result?->verdict;
    }

    public function found(): ?string
    {
        return $this->result === null
            ? null
            : $this->result->lean->label().($this->edge() === SquareEdge::Inner ? ', inner edge' : '');
    }

    public function series(): string
    {
        return $this->edge()->value;
    }

    public function standing(): string
    {
        return $this->next()->far;
    }

    public function objection(): ?string
    {
        return $this->objection;
    }

    public function next(): Advice
    {
        return match (true) {
            $this->test !== null && $this->result !== null => $this->tested($this->test, $this->result),
            ! $this->isSound() => Advice::correct(),
            default => SquareAdvice::beforeAnyGap(),
        };
    }

    public function missing(): ?string
    {
        return match (true) {
            $this->result === null => $this->objection ?? 'Type the gap at the tip first.',
            $this->form->value('shaving') === null => 'Type how thick one shaving is.',
            $this->form->value('tolerance') === null => 'Type your tolerance.',
            default => null,
        };
    }

    /** Width that the blade would have at its narrowest afterwards, mm; null: it was never measured. */
    public function widthLeftMm(): ?float
    {
        $width = $this->form->value('bladeWidth');

        return $width === null || $this->result === null ? null : $width - abs($this->result->errorMm);
    }

    /** @return list<ShavingPass> */
    public function passes(): array
    {
        return $this->test === null || $this->result === null || ! $this->next()->takeOff || $this->isMetal
            ? []
            : SquareStrokes::for($this->test, $this->result);
    }

    public function strokes(): array
    {
        return PlaningStep::all($this->passes(), [0.0, $this->test->bladeLengthMm ?? 0.0], $this->format);
    }

    public function explained(): array
    {
        return $this->test === null || $this->result === null
            ? []
            : SquareExplained::of($this->test, $this->result, $this->format);
    }

    public function lines(): array
    {
        if ($this->test === null || $this->result === null) {
            return [];
        }
        $width = $this->form->value('workWidth') ?? self::USUAL_WORK_MM;

        return [
            (new SquareAtWorkWords($this->format))->sentence(new SquareAtWork($this->result->errorDeg, $width)),
            ...$this->isMetal
                ? [SquareAtWorkWords::grade(SquareAtWork::grade($this->test->bladeLengthMm, $this->result->errorMm))]
                : [],
        ];
    }

    public function correction(): Correction
    {
        $end = $this->end();

        return $this->isMetal
            ? // Metal is rubbed, not shaved: no shavings, and yet corrected.
            new Correction(0, "rubbed down at the $end", "Rubbed it down at the $end.")
            : self::shaved($this->result->shavings ?? 0, $end, $this->widthLeftMm());
    }

    /** @param  float|null  $widthMm  the blade's, afterwards: what is planed off is gone */
    public static function shaved(int $count, string $end, ?float $widthMm): Correction
    {
        $shavings = $count === 1 ? '1 shaving' : "$count shavings";

        return new Correction(
            $count,
            "$shavings off the $end",
            "Took $shavings off the $end.",
            $widthMm === null ? [] : ['bladeWidth' => $widthMm],
        );
    }

    public function facts(): array
    {
        return ['end' => $this->end(), 'lean' => $this->result?->lean->value];
    }

    public function learntShavingMm(EarlierTest $before): ?float
    {
        return $this->result === null ||
            $before->strokes === null ||
            $before->series !== $this->series() ||
            $this->isMetal
            ? null
            : ShavingLearnt::ofTaperMm(
                $before->errorMm,
                $this->result->errorMm,
                $before->strokes,
                (float) $this->form->value('shaving'),
            );
    }

    public function kept(): array
    {
        return array_diff_key(parent::kept(), ['workWidth' => true]);
    }

    private function edge(): SquareEdge
    {
        return SquareEdge::tryFrom($this->typed->choices['edge'] ?? '') ?? SquareEdge::Outer;
    }

    private function end(): string
    {
        return $this->result?->removeAtHeelMm > 0 ? 'heel' : 'tip';
    }

    private function isTooNarrow(): bool
    {
        $left = $this->widthLeftMm();
        $least = $this->form->value('least');

        return $left !== null && $least !== null && $left < $least;
    }

    private function tested(SquareReversalInput $test, SquareReversalResult $result): Advice
    {
        $outside = $result->verdict === Verdict::Outside;
        $format = $this->format;

        return match (true) {
            $outside && $this->isTooNarrow() => SquareAdvice::makeNew(
                $test,
                $result,
                (float) $this->widthLeftMm(),
                (float) $this->form->value('least'),
                $format,
            ),
            $outside && $this->isMetal && abs($result->errorMm) > self::MOST_METAL_MM => SquareAdvice::leaveMetal(
                $test,
                $result,
                $format,
            ),
            $outside && $this->isMetal => SquareAdvice::rubMetal($test, $result, $format),
            default => SquareAdvice::of($test, $result, $format, $this->bladeMm),
        };
    }

    /**
     * @param  list<string>  $typed
     * @return list<Reading>
     */
    private static function farGaps(array $typed, float $span, LengthFormatter $format): array
    {
        $gaps = array_map(
            static fn (string $text): Reading => self::gap(Reading::length($text, $format), $span),
            $typed,
        );
        $first = array_values(array_filter($gaps, static fn (Reading $gap): bool => $gap->value !== null))[0] ?? null;

        return array_map(
            static fn (Reading $gap): Reading => $first === null || $gap === $first
                ? $gap
                : $gap->beside((float) $first->value, $format),
            $gaps,
        );
    }

    private static function gap(Reading $gap, float $span): Reading
    {
        $gap = $gap->within(-$span * 0.5, $span * 0.5, self::FAR_TOO_WIDE);
        $deg = $gap->value === null ? 0.0 : rad2deg(atan(abs($gap->value) / 2 / $span));

        return $deg > self::DOUBTFUL_DEG
            ? $gap->doubted(
                'That is '.LengthFormatter::fixed($deg, 1).'° out, which shows without a test. Is the unit right?',
            )
            : $gap;
    }

    /** @return array{SquareReversalInput|null, string|null} the test, or what does not go together */
    private function read(): array
    {
        $sign = ($this->typed->choices['leftLine'] ?? 'first') === 'first' ? 1.0 : -1.0;
        $gaps = array_values(
            array_filter(
                array_map(static fn (Reading $gap): ?float => $gap->value, $this->lists['farGaps']),
                is_float(...),
            ),
        );
        $length = $this->form->value('length');
        $near = $this->form->value('nearGap');
        if ($gaps === [] || ! $this->isSound() || $length === null) {
            return [null, null];
        }
        try {
            return [
                new SquareReversalInput(
                    $length,
                    array_map(static fn (float $gap): float => $sign * $gap, $gaps),
                    $near === null ? null : $sign * $near,
                    $this->form->value('lineWidth') ?? 0.0,
                    $this->resolutionMm,
                    $this->edge(),
                    $this->form->value('shaving'),
                    $this->form->value('tolerance'),
                ),
                null,
            ];
        } catch (InvalidInput $impossible) {
            return [null, $impossible->getMessage()];
        }
    }
}
