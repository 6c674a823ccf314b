<?php

declare(strict_types=1);

namespace JackRest\Desk\AtBench;

use JackRest\Core\Tool\ToolKinds;

/** What is drawn of a step, true to the sizes it was begun with. */
final readonly class StepShape
{
    /**
     * What is done at an operation of a job. Common practice. The others have no drawing yet.
     */
    private const AT_OPERATION = [
        'rough-out' => StepDrawing::Plane,
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
        'level-recess' => StepDrawing::Level,
        'shape-convex' => StepDrawing::Shave,
        'rebate-along' => StepDrawing::Recess,
        'rebate-across' => StepDrawing::Recess,
        'groove' => StepDrawing::Recess,
        'dado' => StepDrawing::Recess,
        'bore' => StepDrawing::Hole,
        'tap-home' => StepDrawing::Fit,
        'edge-glue' => StepDrawing::Clamp,
        'assemble' => StepDrawing::Clamp,
        'clamp-frame' => StepDrawing::Clamp,
    ];

    /**
     * The tools that a drawing shows, by kind or by form: at a step that is done with none of them it would show the
     * wrong one, a plough where a saw and a chisel cut the groove. What is missing shows no tool.
     */
    private const SHOWS = [
        'saw' => ['back-saw', 'pull-saw', 'handsaw'],
        'plane' => ['plane', 'scrub-plane'],
        'shoot' => ['shooting-board'],
        'chamfer' => ['plane', 'block-plane'],
        'check' => ['straightedge'],
        'check-square' => ['try-square', 'large-square'],
        'check-wind' => ['winding-sticks'],
        'square-line' => ['marking-knife'],
        'bevel-line' => ['sliding-bevel'],
        'step-off' => ['dividers'],
        'measure' => ['steel-rule', 'hook-rule'],
        'mark' => ['gauge', 'panel-gauge'],
        'chisel' => ['chisel'],
        'pare' => ['chisel'],
        'level' => ['router-plane'],
        'shave' => ['flat-spokeshave'],
        'recess' => ['fillister', 'plough', 'rebate-plane', 'dado-plane', 'match-planes'],
        'hole' => ['brace', 'hand-drill'],
        'clamp' => ['clamp'],
    ];

    /** A rebate lies at the edge. */
    private const AT_EDGE = ['rebate-along', 'rebate-across'];

    /** @param  array<string, float>  $sizesMm  by name; none: drawn without figures */
    public function __construct(public StepDrawing $drawing, public array $sizesMm = [])
    {
    }

    /**
     * What the hands do at a step of a job; null: nothing that a drawing would make plainer.
     *
     * @param  list<string>  $kinds  of the tools that it is done with
     */
    public static function ofJob(string $operation, array $kinds): ?self
    {
        $drawing = self::AT_OPERATION[$operation] ?? null;

        return $drawing === null || ! self::isDoneWith($drawing, $kinds)
            ? null
            : new self($drawing, in_array($operation, self::AT_EDGE, true) ? ['edge' => 0.0] : []);
    }

    /** @param  list<string>  $kinds */
    private static function isDoneWith(StepDrawing $drawing, array $kinds): bool
    {
        $shown = self::SHOWS[$drawing->value] ?? null;
        $names = [...$kinds, ...array_map(static fn (string $kind): string => ToolKinds::named($kind)->form, $kinds)];

        return $shown === null || array_intersect($shown, $names) !== [];
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
