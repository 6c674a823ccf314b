<?php

declare(strict_types=1);

namespace JackRest\Desk\AtBench;

/** What bench mode draws of a step that is neither an edge on a stone nor a plane along an edge. */
enum StepDrawing: string
{
    case Recess = 'recess';
    case Hole = 'hole';
    case Thickness = 'thickness';
    case Joint = 'joint';
    case FileTeeth = 'file-teeth';
    case SetTeeth = 'set-teeth';
    case Saw = 'saw';
    case Mark = 'mark';
    case Chisel = 'chisel';
    case Plane = 'plane';
    case Shoot = 'shoot';
    case SquareLine = 'square-line';
    case BevelLine = 'bevel-line';
    case StepOff = 'step-off';
    case Measure = 'measure';
    case Pare = 'pare';
    case Level = 'level';
    case Shave = 'shave';
    case Chamfer = 'chamfer';
    case Check = 'check';
    case CheckSquare = 'check-square';
    case CheckWind = 'check-wind';
    case Fit = 'fit';
    case Clamp = 'clamp';
}
