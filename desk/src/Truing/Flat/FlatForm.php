<?php

declare(strict_types=1);

namespace JackRest\Desk\Truing\Flat;

use JackRest\Core\Basis;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Flat\Grid;
use JackRest\Core\Truing\Flat\GridLine;
use JackRest\Core\Truing\Flat\Surface;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Explanation;
use JackRest\Desk\Measure\Figure;
use JackRest\Desk\Measure\Reading;
use JackRest\Desk\Truing\Reference\NextStroke;
use JackRest\Desk\Truing\Reference\ReferenceKind;
use JackRest\Desk\Truing\Reference\TestForm;

/** A flat thing under a straightedge, line by line, as far as it has been read. */
final readonly class FlatForm implements TestForm
{
    /** A wider gap under a straightedge is asked about; from memory. */
    private const DOUBTFUL_GAP_MM = 2.5;

    public ?Surface $surface;

    /**
     * @param  array<string, Figure>  $figures
     * @param  array<string, list<Reading>>  $gaps  by the id of a line
     */
    private function __construct(
        public ReferenceKind $kind,
        private array $figures,
        public ?Grid $grid,
        public array $gaps,
        private float $resolutionMm,
        public LengthFormatter $format,
    ) {
        $this->surface = $grid === null || $this->isWrong() ? null : Surface::of($grid, array_map(static fn (array $line): array => array_map(static fn (Reading $gap): ?float => $gap->mm, $line), $gaps));
    }

    /**
     * @param  array<string, Figure>  $figures  length, width, along, across, tolerance; shaving of a board
     * @param  array<string, list<string>>  $typed  by the id of a line, at its places
     */
    public static function of(ReferenceKind $kind, array $figures, array $typed, float $resolutionMm, LengthFormatter $format): self
    {
        $figures['along'] = self::oneOf($figures['along'], Grid::ALONG, 'Read at 3, 5, 7 or 9 places along.');
        $figures['across'] = self::oneOf($figures['across'], Grid::ACROSS, 'Read at 3 or 5 places across.');
        $grid = self::grid($figures);
        $gaps = [];
        if ($grid !== null) {
            foreach ($grid->lines() as $line) {
                $gaps[$line->id] = array_map(static fn (int $index): Reading => self::gap($typed[$line->id][$index] ?? '', $grid, $format), array_keys($line->nodes));
            }
        }

        return new self($kind, $figures, $grid, $gaps, $resolutionMm, $format);
    }

    public function figures(): array
    {
        return $this->figures;
    }

    /** Less than nought where it is hollow, so that a change from one to the other shows. */
    public function errorMm(): ?float
    {
        return $this->surface === null ? null : ($this->surface->crownMm() < 0 ? -1 : 1) * $this->surface->flatnessMm;
    }

    /** Two standard deviations of the height known worst, each gap read to resolution/√12. Source: JCGM 100. */
    public function uncertaintyMm(): float
    {
        return $this->surface === null ? 0.0 : 2 * sqrt($this->surface->leverage * $this->resolutionMm ** 2 / 12);
    }

    public function verdict(): ?Verdict
    {
        $tolerance = $this->figures['tolerance']->value;

        return $this->surface === null || $tolerance === null ? null : Verdict::of($this->surface->flatnessMm, $this->uncertaintyMm(), $tolerance);
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
        return $this->surface === null ? '' : '± '.$this->format->small($this->uncertaintyMm()).", {$this->found()}; read along ".$this->linesRead().' of '.count($this->gaps).' lines.';
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

    public function next(): NextStroke
    {
        return FlatAdvice::of($this);
    }

    public function explained(): array
    {
        return $this->surface === null ? [] : [
            new Explanation('How flat is it?', 'height = a + b·t − gap along each line; all lines fitted together; flatness = distance of the two nearest parallel planes that hold every place', count($this->surface->nodes).' places, '.$this->format->small($this->surface->flatnessMm), Basis::Published, 'Lines of a Union flag, J. C. Moody, 1955; minimum zone, ISO 12781.'),
            new Explanation('How sure is that?', 'U = 2·√(largest variance of a height), each gap known to resolution ÷ √12', '± '.$this->format->small($this->uncertaintyMm()), Basis::Published, 'Guide to the expression of uncertainty in measurement, JCGM 100.'),
        ];
    }

    public function isWrong(): bool
    {
        return array_filter([...array_values($this->figures), ...array_merge([], ...array_values($this->gaps))], static fn (Figure|Reading $one): bool => $one->error !== null) !== [];
    }

    public function isRead(string $line): bool
    {
        return array_filter($this->gaps[$line] ?? [], static fn (Reading $gap): bool => $gap->mm === null) === [];
    }

    private function linesRead(): int
    {
        return count(array_filter(array_keys($this->gaps), $this->isRead(...)));
    }

    /** @param  array<string, Figure>  $figures */
    private static function grid(array $figures): ?Grid
    {
        [$length, $width, $along, $across] = [$figures['length']->value, $figures['width']->value, $figures['along']->value, $figures['across']->value];

        return $length === null || $width === null || $along === null || $across === null ? null : new Grid($length, $width, (int) $along, (int) $across);
    }

    /** @param  list<int>  $counts */
    private static function oneOf(Figure $figure, array $counts, string $complaint): Figure
    {
        return $figure->value === null || in_array((int) $figure->value, $counts, true) ? $figure : $figure->refused($complaint);
    }

    private static function gap(string $typed, Grid $grid, LengthFormatter $format): Reading
    {
        $least = min($grid->lengthMm, $grid->widthMm);
        $gap = Reading::of($typed, $format)->within(0, INF, 'A gap is nought or more: the straightedge lies on what is highest.')->within(0, $least / 4, 'A gap is far smaller than the thing itself. Check the unit.');

        return $gap->mm === null || $gap->mm <= self::DOUBTFUL_GAP_MM ? $gap : $gap->doubted('That wide a gap shows without a test. Is the unit right?', $format->typed($gap->mm / 25.4));
    }
}
