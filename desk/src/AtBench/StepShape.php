<?php

declare(strict_types=1);

namespace JackRest\Desk\AtBench;

/** What is drawn of a step, true to the sizes it was begun with. */
final readonly class StepShape
{
    /**
     * What is in the hand at an operation of a job, where one drawing is right whatever tool does it. Common practice.
     * The others have none: a part is shaped by many tools, and the wrong one would mislead.
     */
    private const AT_OPERATION = [
        'rough-out' => StepDrawing::Saw,
        'crosscut' => StepDrawing::Saw,
        'rip' => StepDrawing::Saw,
        'saw-tenon-cheek' => StepDrawing::Saw,
        'saw-tenon-shoulder' => StepDrawing::Saw,
        'saw-mitre' => StepDrawing::Saw,
        'saw-dovetail' => StepDrawing::Saw,
        'flatten-coarse' => StepDrawing::Plane,
        'flatten' => StepDrawing::Plane,
        'joint-edge' => StepDrawing::Plane,
        'bring-to-width' => StepDrawing::Plane,
        'thickness' => StepDrawing::Plane,
        'taper' => StepDrawing::Plane,
        'smooth' => StepDrawing::Plane,
        'shoot-end' => StepDrawing::Shoot,
        'chamfer' => StepDrawing::Chamfer,
        'ease-edges' => StepDrawing::Chamfer,
        'check-flat' => StepDrawing::Check,
        'check-straight' => StepDrawing::Check,
        'check-square' => StepDrawing::CheckSquare,
        'check-wind' => StepDrawing::CheckWind,
        'mark-square' => StepDrawing::SquareLine,
        'mark-bevel' => StepDrawing::BevelLine,
        'mark-slope' => StepDrawing::BevelLine,
        'step-off' => StepDrawing::StepOff,
        'measure' => StepDrawing::Measure,
        'mark-parallel' => StepDrawing::Mark,
        'mark-wide' => StepDrawing::Mark,
        'mark-mortise' => StepDrawing::Mark,
        'chop-mortise' => StepDrawing::Chisel,
        'clear-waste' => StepDrawing::Chisel,
        'chop-across' => StepDrawing::Chisel,
        'clean-corner' => StepDrawing::Chisel,
        'pare' => StepDrawing::Pare,
        'flush-trim' => StepDrawing::Pare,
        'level-recess' => StepDrawing::Level,
        'shape-convex' => StepDrawing::Shave,
        'rebate-along' => StepDrawing::Recess,
        'rebate-across' => StepDrawing::Recess,
        'groove' => StepDrawing::Recess,
        'dado' => StepDrawing::Recess,
        'bore' => StepDrawing::Hole,
        'drive-screw' => StepDrawing::Screw,
        'tap-home' => StepDrawing::Fit,
        'edge-glue' => StepDrawing::Clamp,
        'assemble' => StepDrawing::Clamp,
        'clamp-frame' => StepDrawing::Clamp,
    ];

    /** A rebate lies at the edge. */
    private const AT_EDGE = ['rebate-along', 'rebate-across'];

    /** @param  array<string, float>  $sizesMm  by name; none: drawn without figures */
    public function __construct(public StepDrawing $drawing, public array $sizesMm = [])
    {
    }

    /** What the hands do at a step of a job; null: nothing that a drawing would make plainer. */
    public static function ofJob(string $operation): ?self
    {
        $drawing = self::AT_OPERATION[$operation] ?? null;

        return $drawing === null
            ? null
            : new self($drawing, in_array($operation, self::AT_EDGE, true) ? ['edge' => 0.0] : []);
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
