<?php

declare(strict_types=1);

namespace JackRest\Desk\Session;

use JackRest\Core\Edge\SharpeningStep;
use JackRest\Desk\AtBench\StepShape;
use JackRest\Desk\Edge\StepWords;
use JackRest\Desk\Filing\FilingStep;
use JackRest\Desk\Job\JobStep;
use JackRest\Desk\Job\JobWords;
use JackRest\Desk\Making\MakingStep;
use JackRest\Desk\Reference\PlaningStep;

/** One step as bench mode walks it: with what, how many of what, and what is so when it is done. */
final readonly class SessionStep
{
    /** A stroke of a joinery plane, or a turn of the brace; from memory. */
    private const SECONDS_EACH = 2.0;

    /**
     * @param  string  $title  the stone or the tool in the hand, or what is done
     * @param  int  $count  to be counted; 0: nothing is
     * @param  string  $of  what is counted
     * @param  string  $kind  how it is drawn: grind, hone, strop, plane, rub, file, cut, make, do
     * @param  string  $says  what is done, where the title does not say it
     * @param  string  $beside  whose edge it is, or the tools it takes
     * @param  float  $modelCount  what a stone of factor 1 would need, not rounded
     * @param  StepShape|null  $shape  what is drawn of it; null: an edge on its stone, a plane on an edge, or nothing
     */
    public function __construct(
        public string $title,
        public int $count,
        public float $seconds,
        public string $see,
        public string $kind,
        public string $of = 'strokes',
        public string $says = '',
        public string $beside = '',
        public float $particleUm = 0.0,
        public ?string $stoneId = null,
        public float $modelCount = 0.0,
        public ?int $edgeId = null,
        public ?float $fromMm = null,
        public ?float $toMm = null,
        public ?StepShape $shape = null,
    ) {
    }

    public function isRubbed(): bool
    {
        return $this->kind === 'rub';
    }

    /** @param  array<string, mixed>  $kept  as {@see toArray} wrote it */
    public static function fromArray(array $kept): self
    {
        if (is_array($kept['shape'] ?? null)) {
            /** @var array{drawing: string, sizesMm: array<string, float>} $shape */
            $shape = $kept['shape'];
            $kept['shape'] = StepShape::fromArray($shape);
        }

        /** @var array{title: string, count: int, seconds: float, see: string, kind: string} $kept */
        return new self(...$kept);
    }

    /** @return array<string, mixed> without what is at its usual value */
    public function toArray(): array
    {
        $usual = get_object_vars(new self('', 0, 0.0, '', ''));
        $always = ['title' => true, 'count' => true, 'seconds' => true, 'see' => true, 'kind' => true];

        return array_filter(
            ['shape' => $this->shape?->toArray()] + get_object_vars($this),
            static fn (mixed $value, string $name): bool => isset($always[$name]) || $value !== $usual[$name],
            ARRAY_FILTER_USE_BOTH,
        );
    }

    public static function ofSharpening(SharpeningStep $step, int $edgeId, string $edge): self
    {
        return new self(
            $step->stone->name,
            $step->strokes,
            $step->seconds,
            StepWords::see($step),
            $step->kind->value,
            beside: $edge,
            particleUm: $step->stone->particleUm(),
            stoneId: $step->stone->id,
            modelCount: $step->modelStrokes,
            edgeId: $edgeId,
        );
    }

    public static function ofFiling(FilingStep $step): self
    {
        return new self(
            $step->tool,
            $step->count,
            $step->seconds,
            $step->see,
            'file',
            $step->of,
            $step->says,
            shape: $step->shape,
        );
    }

    public static function ofPlaning(PlaningStep $step): self
    {
        return new self(
            $step->says,
            $step->strokes,
            $step->seconds,
            '',
            $step->isRubbed ? 'rub' : 'plane',
            fromMm: $step->fromMm,
            toMm: $step->toMm,
        );
    }

    public static function ofMaking(MakingStep $step): self
    {
        return new self(
            $step->title,
            0,
            60 * $step->minutes,
            $step->check,
            'make',
            says: $step->says,
            beside: $step->tools,
        );
    }

    /**
     * Something cut to a number by counting.
     *
     * @param  string  $of  strokes, turns or shavings
     * @param  string  $see  what is so when all of them are done
     */
    public static function ofCutting(
        string $tool,
        string $says,
        int $count,
        string $of,
        string $see,
        StepShape $shape,
    ): self {
        return new self($tool, $count, self::SECONDS_EACH * $count, $see, 'cut', $of, $says, shape: $shape);
    }

    /**
     * A step of a job: a tap for each part it is done to.
     *
     * @param  int  $units  parts that are left
     * @param  list<string>  $kinds  of the tools that it is done with
     */
    public static function ofJob(JobStep $step, int $units, array $kinds): self
    {
        return new self(
            $step->title,
            $units > 1 ? $units : 0,
            60 * $step->each() * $units,
            ucfirst($step->check),
            $units > 1 ? 'do' : 'make',
            JobWords::plural($step->part, $units),
            trim(($step->setting === '' ? '' : ucfirst($step->setting).'. ').$step->says),
            $step->tools,
            shape: StepShape::ofJob($step->operation, $kinds),
        );
    }
}
