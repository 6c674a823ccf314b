<?php

declare(strict_types=1);

namespace JackRest\Desk\Job;

use JackRest\Core\Job\JobPart;
use JackRest\Core\Job\RouteStep;
use JackRest\Desk\Count;

/** What a step of a job is called, and what is so when it is done. Common practice. */
final class JobWords
{
    public const CAUTION = 'Work held fast, both hands behind the edge; force means blunt: stop and hone. Wood dust '.
        'harms. These are the usual cautions; local rules and trained teaching come first.';

    /** By operation. */
    private const CHECKS = [
        'measure' => 'it is marked longer than it will be',
        'rough-out' => 'it is larger than its size all round',
        'crosscut' => 'it is longer than its size, the end whole',
        'rip' => 'it is wider than its size, the saw stayed off the line',
        'flatten-coarse' => 'the saw’s marks are gone from the face',
        'flatten' => 'the straightedge lies on it, along and from corner to corner',
        'check-flat' => 'no light shows under the straightedge',
        'check-wind' => 'the tops of the winding sticks are parallel',
        'joint-edge' => 'a full shaving comes off from end to end',
        'check-straight' => 'no light shows under the straightedge',
        'check-square' => 'no light shows inside the square, all along',
        'mark-wide' => 'the line goes from end to end',
        'bring-to-width' => 'the gauged line is just gone, and the edge is square',
        'thickness' => 'the gauged line is just gone, all round',
        'mark-square' => 'the line meets itself round the board',
        'repeat-length' => 'each has its mark from the same stick',
        'shoot-end' => 'the end is square to face and edge, with no chip at the far side',
        'mark-parallel' => 'the line is one fine cut, all along',
        'step-off' => 'the last step lands one pin beyond the other half pin',
        'mark-slope' => 'each slope runs from its prick to the baseline, the waste is marked',
        'mark-mortise' => 'both lines are even, gauged from the face side',
        'mark-bevel' => 'the line meets itself on the other side',
        'chop-mortise' => 'it is at its depth, and the chisel stands square in it',
        'saw-tenon-cheek' => 'the kerf lies in the waste and stops at the shoulder',
        'saw-tenon-shoulder' => 'the cheek falls off, the knifed line is whole',
        'saw-mitre' => 'the kerf follows the line on both faces',
        'shoot-mitre' => 'two of them make a square corner',
        'saw-dovetail' => 'every kerf stops at the baseline, before and behind',
        'clear-waste' => 'the waste is out, a little wood is left at the line',
        'chop-across' => 'the floor meets both lines and is not proud between them',
        'transfer' => 'every line is knifed, the waste is marked',
        'clean-corner' => 'no fibre is left in the corners',
        'halve' => 'both halves are at the line',
        'pare' => 'it goes together by hand, with taps of the mallet',
        'fit-tenon-cheek' => 'it goes in by hand with slight force',
        'fit-tenon-shoulder' => 'the shoulder closes all round',
        'rebate-along' => 'it is at its depth all along, its corner clean',
        'rebate-across' => 'it is at its depth, its far end not split out',
        'groove' => 'the stop touches all along',
        'dado' => 'the floor is level, the walls are crisp',
        'tongue-and-groove' => 'two boards slide together and lie flush',
        'raise-panel' => 'it slides into its groove without force',
        'level-recess' => 'the router plane takes nothing off any more',
        'bore' => 'the hole is at its depth, or the rims meet',
        'ream-taper' => 'the leg stands at its angle',
        'start-screw' => 'each place has its hole',
        'countersink' => 'a head lies just under the face',
        'saw-curve' => 'the line is whole all along',
        'round' => 'it goes through the gauge',
        'taper' => 'all of them look alike side by side',
        'hollow' => 'the template lies in it',
        'shape-convex' => 'no flat is felt along it',
        'shape-concave' => 'no bump is felt along it',
        'mould-edge' => 'the profile is whole from end to end',
        'chamfer' => 'it is as wide at both ends',
        'make-pegs' => 'they go through the plate',
        'edge-glue' => 'a bead of glue stands all along, the faces are level',
        'assemble' => 'both diagonals are the same, every joint is closed',
        'clamp-frame' => 'it is square and lies flat',
        'tap-home' => 'the joint is closed',
        'drive-screw' => 'it is tight, its head not torn',
        'clear-glue' => 'no glue is left to shine',
        'flush-trim' => 'nothing is felt with the finger',
        'smooth' => 'it shines the same all over against the light',
        'smooth-difficult' => 'no tear is seen against the light',
        'ease-edges' => 'no edge is sharp to the hand',
    ];

    private const RESTS = [
        'edge-glue' => 'the glue to dry', 'assemble' => 'the glue to dry', 'clamp-frame' => 'the glue to dry',
        '' => 'its wood',
    ];

    public static function title(RouteStep $step): string
    {
        return ucfirst($step->task->operation->name).($step->of === '' ? '' : ": $step->of");
    }

    public static function check(string $operation): string
    {
        return self::CHECKS[$operation] ?? 'it is as the line says';
    }

    /** @param  string  $operation  it rests after; empty: nothing is done yet */
    public static function waitsFor(string $operation): string
    {
        return self::RESTS[$operation] ?? 'the wood to move';
    }

    /** What stands in the calendar on the day a rest is over. */
    public static function restIsOver(string $operation): string
    {
        return match (self::waitsFor($operation)) {
            self::RESTS['assemble'] => 'the glue is dry',
            self::RESTS[''] => 'the wood should be here',
            default => 'the wood has rested',
        };
    }

    /** 16 boards; 1 corner */
    public static function units(int $units, JobPart $part): string
    {
        return Count::of($units, $part->label());
    }

    /** Shoot an end, 32 times; Saw the tails, 16 joints */
    public static function howOften(string $title, int $units, JobPart $part): string
    {
        $named = preg_match("/\\b{$part->label()}s?\\b/i", $title) === 1;

        return match (true) {
            ! $named => "$title, ".self::units($units, $part),
            $units === 1 => $title,
            $units === 2 => "$title, twice",
            default => "$title, $units times",
        };
    }

    public static function plural(JobPart $part, int $units): string
    {
        return $units === 1 ? $part->label() : "{$part->label()}s";
    }
}
