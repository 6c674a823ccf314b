<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;

final readonly class HoningPlanInput
{
    /**
     * @param  list<Abrasive>  $abrasives
     *
     * @throws InvalidInput when two abrasives share an id, or none is fine enough
     */
    public function __construct(
        #[Field('width of the face on the stone, mm', above: 0)] public float $contactWidthMm,
        #[Field('length of the face on the stone, mm', above: 0)] public float $contactLengthMm,
        #[Field('what must be removed square to the face, micrometres', atLeast: 0)] public float $removeUm,
        #[Field('particle size at which the edge is fine enough, micrometres', above: 0)] public float $finishUm,
        #[Field('the stones to choose from', of: Abrasive::class, minItems: 1, maxItems: 200)] public array $abrasives,
        #[
            Field('steel removed per stroke for each micrometre of particle, mm³', above: 0),
        ]
        public float $volumePerStrokeMm3PerUm = 0.0033,
        #[
            Field('depth of a stone\'s scratches as a part of its particle size', above: 0),
        ]
        public float $scratchRatio = 0.2,
        #[Field('time for one stroke, seconds', above: 0)] public float $secondsPerStroke = 1.0,
        #[
            Field('largest step from one stone to the next, as a ratio of particle sizes', above: 1),
        ]
        public ?float $maxStepRatio = null,
    ) {
        $ids = array_map(static fn (Abrasive $abrasive): string => $abrasive->id, $abrasives);
        foreach (array_keys($ids) as $index) {
            if (array_search($ids[$index], $ids, true) !== $index) {
                throw new InvalidInput([
                    new FieldError(
                        "abrasives[$index].id",
                        "\"{$ids[$index]}\" is used twice: every stone needs its own",
                    ),
                ]);
            }
        }
        $finest = min([INF, ...array_map(static fn (Abrasive $abrasive): float => $abrasive->particleUm, $abrasives)]);
        if ($finest > $finishUm) {
            throw InvalidInput::because(
                'abrasives',
                "none is fine enough: the finest is $finest µm and the finish asks for $finishUm µm or finer",
            );
        }
    }

    /** The same job with one stone more. */
    public function with(Abrasive $abrasive): self
    {
        return new self(
            $this->contactWidthMm,
            $this->contactLengthMm,
            $this->removeUm,
            $this->finishUm,
            [...$this->abrasives, $abrasive],
            $this->volumePerStrokeMm3PerUm,
            $this->scratchRatio,
            $this->secondsPerStroke,
            $this->maxStepRatio,
        );
    }

    /** The same job, ending at another size. */
    public function endingAt(float $finishUm): self
    {
        return new self(
            $this->contactWidthMm,
            $this->contactLengthMm,
            $this->removeUm,
            $finishUm,
            $this->abrasives,
            $this->volumePerStrokeMm3PerUm,
            $this->scratchRatio,
            $this->secondsPerStroke,
            $this->maxStepRatio,
        );
    }
}
