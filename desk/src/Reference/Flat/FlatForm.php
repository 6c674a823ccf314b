<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Flat;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\Rounding;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\UncertaintyBudget;
use JackRest\Core\Truing\Flat\Grid;
use JackRest\Core\Truing\Flat\GridLine;
use JackRest\Core\Truing\Flat\Surface;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\Reading;
use JackRest\Desk\Reference\Correction;
use JackRest\Desk\Reference\PlaningStep;
use JackRest\Desk\Reference\ReferenceKind;
use JackRest\Desk\Reference\TestForm;
use JackRest\Desk\Reference\TypedTest;

/** A flat thing under a straightedge, line by line, as far as it has been read. */
final readonly class FlatForm extends TestForm
{
    /** A wider gap under a straightedge is asked about; from memory. */
    private const DOUBTFUL_GAP_MM = 2.5;

    public ?Surface $surface;

    /** @param  array<string, list<Reading>>  $gaps  by the id of a line */
    private function __construct(
        public ReferenceKind $kind,
        TypedTest $typed,
        Form $form,
        public ?Grid $grid,
        public array $gaps,
        LengthFormatter $format,
    ) {
        parent::__construct($typed, $form, $gaps, $format);
        $this->surface =
            $grid === null || ! $this->isSound()
                ? null
                : Surface::of(
                    $grid,
                    array_map(
                        static fn (array $line): array => array_map(
                            static fn (Reading $gap): ?float => $gap->value,
                            $line,
                        ),
                        $gaps,
                    ),
                );
    }

    public static function of(ReferenceKind $kind, TypedTest $typed, LengthFormatter $format): self
    {
        $form = Form::of(FlatReference::fields($kind), $typed->figures, $format);
        $along = self::oneOf($form->readings['along'], Grid::ALONG, 'Read at 3, 5, 7 or 9 places along.');
        $across = self::oneOf($form->readings['across'], Grid::ACROSS, 'Read at 3 or 5 places across.');
        $form = $form->with('along', $along)->with('across', $across);
        $grid = self::grid($form);
        $least = $grid === null ? 0.0 : min($grid->lengthMm, $grid->widthMm);
        $gaps = [];
        foreach ($grid === null ? [] : $grid->lines() as $line) {
            $gaps[$line->id] = array_map(
                static fn (int $index): Reading => self::gap($typed->lists[$line->id][$index] ?? '', $least, $format),
                array_keys($line->nodes),
            );
        }

        return new self($kind, $typed, $form, $grid, $gaps, $format);
    }

    /** Less than nought where it is hollow, so that a change from one to the other shows. */
    public function errorMm(): ?float
    {
        return $this->surface === null ? null : ($this->surface->crownMm() < 0 ? -1 : 1) * $this->surface->flatnessMm;
    }

    /** Of the height that is known worst, each gap read to resolution/√12. Source: JCGM 100. */
    public function budget(): UncertaintyBudget
    {
        return new UncertaintyBudget(
            $this->surface === null
                ? []
                : ['reading' => $this->surface->leverage * $this->resolutionMm ** 2 / 12],
        );
    }

    public function strokes(): array
    {
        $advice = $this->next();
        if (! $advice->takeOff) {
            return [];
        }
        $shaving = $this->form->value('shaving');
        $length = $this->grid->lengthMm ?? 0.0;

        return [
            $shaving === null
                ? PlaningStep::untilTested($advice->off ?? '', $length, $this->kind !== ReferenceKind::Board)
                : PlaningStep::tapered($advice->off ?? '', $length, $this->shavings($shaving)),
        ];
    }

    public function correction(): Correction
    {
        $shaving = $this->form->value('shaving');

        return new Correction(
            $shaving === null ? 0 : $this->shavings($shaving),
            (string) $this->next()->off,
            "Took {$this->next()->off}.",
        );
    }

    private function shavings(float $shavingMm): int
    {
        return Rounding::up(($this->surface?->mostMm() ?? 0.0) / $shavingMm);
    }

    public function verdict(): ?Verdict
    {
        $tolerance = $this->form->value('tolerance');

        return $this->surface === null || $tolerance === null
            ? null
            : Verdict::of($this->surface->flatnessMm, $this->uncertaintyMm(), $tolerance);
    }

    public function found(): ?string
    {
        return match (true) {
            $this->surface === null => null,
            abs($this->surface->crownMm()) < 0.25 * $this->surface->flatnessMm => 'uneven or in wind',
            $this->surface->crownMm() > 0 => 'crowned',
            default => 'hollow',
        };
    }

    public function standing(): string
    {
        return $this->surface === null
            ? ''
            : '± '.
                    $this->format->small($this->uncertaintyMm()).
                    ", {$this->found()}; read along ".
                    $this->linesRead().
                    ' of '.
                    count($this->gaps).
                    ' lines.';
    }

    /** The line to be read next; null: all are. */
    public function nextLine(): ?GridLine
    {
        foreach ($this->grid === null ? [] : $this->grid->lines() as $line) {
            if (! $this->isRead($line->id)) {
                return $line;
            }
        }

        return null;
    }

    public function next(): Advice
    {
        return FlatAdvice::of($this);
    }

    public function explained(): array
    {
        return $this->surface === null
            ? []
            : [
                new Explanation(
                    'How flat is it?',
                    'height = a + b·t − gap along each line; all lines fitted together; flatness = distance of the '
                        .'two nearest parallel planes that hold every place',
                    count($this->surface->nodes).' places, '.$this->format->small($this->surface->flatnessMm),
                    Basis::Published,
                    'Lines of a Union flag, J. C. Moody, 1955; minimum zone, ISO 12781.',
                ),
                new Explanation(
                    'How sure is that?',
                    'U = 1.96 · √(largest variance of a height), each gap known to resolution ÷ √12',
                    '± '.$this->format->small($this->uncertaintyMm()),
                    Basis::Published,
                    'Guide to the expression of uncertainty in measurement, JCGM 100.',
                ),
            ];
    }

    public function isRead(string $line): bool
    {
        return array_filter($this->gaps[$line] ?? [], static fn (Reading $gap): bool => $gap->value === null) === [];
    }

    private function linesRead(): int
    {
        return count(array_filter(array_keys($this->gaps), $this->isRead(...)));
    }

    private static function grid(Form $form): ?Grid
    {
        [$length, $width, $along, $across] = array_map($form->value(...), ['length', 'width', 'along', 'across']);

        return $length === null || $width === null || $along === null || $across === null
            ? null
            : new Grid($length, $width, (int) $along, (int) $across);
    }

    /** @param  list<int>  $counts */
    private static function oneOf(Reading $figure, array $counts, string $complaint): Reading
    {
        return $figure->value === null || in_array((int) $figure->value, $counts, true)
            ? $figure
            : $figure->refused($complaint);
    }

    private static function gap(string $typed, float $least, LengthFormatter $format): Reading
    {
        $gap = Reading::length($typed, $format)
            ->within(0, INF, 'A gap is 0 or more: the straightedge lies on what is highest.')
            ->within(0, $least / 4, 'A gap is far smaller than the thing itself. Check the unit.');

        return $gap->value === null || $gap->value <= self::DOUBTFUL_GAP_MM
            ? $gap
            : $gap->doubted(
                'That wide a gap shows without a test. Is the unit right?',
                $format->typed($gap->value / 25.4),
            );
    }
}
