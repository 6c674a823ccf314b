<?php

declare(strict_types=1);

namespace JackRest\Desk\AtBench;

use JackRest\Core\Job\Phase;

/** What is drawn of a step, true to the sizes it was begun with. */
final readonly class StepShape
{
    /** @param  array<string, float>  $sizesMm  by name; none: drawn without figures */
    public function __construct(public StepDrawing $drawing, public array $sizesMm = [])
    {
    }

    /** What the hands do in that part of a job; null: nothing that a drawing would make plainer. */
    public static function ofPhase(Phase $phase): ?self
    {
        $drawing = match ($phase) {
            Phase::Mark => StepDrawing::Mark,
            Phase::Saw => StepDrawing::Saw,
            Phase::Clear, Phase::Pare => StepDrawing::Chisel,
            Phase::Recess => StepDrawing::Recess,
            Phase::Bore => StepDrawing::Hole,
            default => null,
        };

        return $drawing === null ? null : new self($drawing);
    }

    /** @param  array{drawing: string, sizesMm: array<string, float>}  $kept  as {@see toArray} wrote it */
    public static function fromArray(array $kept): self
    {
        return new self(StepDrawing::from($kept['drawing']), $kept['sizesMm']);
    }

    /** @return array{drawing: string, sizesMm: array<string, float>} */
    public function toArray(): array
    {
        return ['drawing' => $this->drawing->value, 'sizesMm' => $this->sizesMm];
    }
}
