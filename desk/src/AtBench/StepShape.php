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

    /** Where an operation is done otherwise than its part of a job would say. Common practice. */
    private const OTHERWISE = [
        'rough-out' => StepDrawing::Saw,
        'crosscut' => StepDrawing::Saw,
        'rip' => StepDrawing::Saw,
        'saw-curve' => StepDrawing::Saw,
        'measure' => StepDrawing::Check,
        'check-flat' => StepDrawing::Check,
        'check-wind' => StepDrawing::Check,
        'check-straight' => StepDrawing::Check,
        'check-square' => StepDrawing::Check,
        'shoot-end' => StepDrawing::Shoot,
        'shoot-mitre' => StepDrawing::Shoot,
        'clear-glue' => StepDrawing::Chisel,
        'edge-glue' => StepDrawing::Clamp,
        'assemble' => StepDrawing::Clamp,
        'clamp-frame' => StepDrawing::Clamp,
        'tap-home' => StepDrawing::Fit,
    ];

    /** What the hands do at a step of a job; null: nothing that a drawing would make plainer. */
    public static function ofJob(string $operation, Phase $phase): ?self
    {
        $drawing = self::OTHERWISE[$operation] ?? match ($operation === '' ? null : $phase) {
            Phase::Prepare, Phase::CleanUp => StepDrawing::Plane,
            Phase::Mark => StepDrawing::Mark,
            Phase::Saw => StepDrawing::Saw,
            Phase::Clear, Phase::Pare => StepDrawing::Chisel,
            Phase::Recess => StepDrawing::Recess,
            Phase::Bore => StepDrawing::Hole,
            Phase::Fit => StepDrawing::Fit,
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
