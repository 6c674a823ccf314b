<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use OutOfBoundsException;

/**
 * Where an operation stands in a job: its phase, what it follows, what it is counted by, and how long the piece rests
 * after it. Common practice; the rest after gluing is from memory, the glue's own instructions come first.
 */
final readonly class Craft
{
    private const GLUE_DAYS = 1.0;

    /** By operation, in the order practised within its strand: phase, strand, part, days of rest. */
    private const ALL = [
        'measure' => [Phase::Prepare, Strand::Boards, Part::Board],
        'rough-out' => [Phase::Prepare, Strand::Boards, Part::Board],
        'crosscut' => [Phase::Prepare, Strand::Boards, Part::Board],
        'rip' => [Phase::Prepare, Strand::Boards, Part::Board],
        'flatten-coarse' => [Phase::Prepare, Strand::Boards, Part::Board],
        'flatten' => [Phase::Prepare, Strand::Boards, Part::Board],
        'check-flat' => [Phase::Prepare, Strand::Boards, Part::Board],
        'check-wind' => [Phase::Prepare, Strand::Boards, Part::Board],
        'joint-edge' => [Phase::Prepare, Strand::Boards, Part::Board],
        'check-straight' => [Phase::Prepare, Strand::Boards, Part::Board],
        'check-square' => [Phase::Prepare, Strand::Boards, Part::Board],
        'mark-wide' => [Phase::Mark, Strand::Boards, Part::Board],
        'bring-to-width' => [Phase::Prepare, Strand::Boards, Part::Board],
        'thickness' => [Phase::Prepare, Strand::Boards, Part::Board],
        'mark-square' => [Phase::Mark, Strand::Boards, Part::Board],
        'repeat-length' => [Phase::Mark, Strand::Boards, Part::Board],
        'shoot-end' => [Phase::Prepare, Strand::Boards, Part::End],
        'mark-parallel' => [Phase::Mark, Strand::Joints, Part::Joint],
        'step-off' => [Phase::Mark, Strand::Joints, Part::Joint],
        'mark-slope' => [Phase::Mark, Strand::Joints, Part::Joint],
        'mark-mortise' => [Phase::Mark, Strand::Joints, Part::Joint],
        'mark-bevel' => [Phase::Mark, Strand::Joints, Part::Joint],
        'chop-mortise' => [Phase::Clear, Strand::Joints, Part::Joint],
        'saw-tenon-cheek' => [Phase::Saw, Strand::Joints, Part::Joint],
        'saw-tenon-shoulder' => [Phase::Saw, Strand::Joints, Part::Joint],
        'saw-mitre' => [Phase::Saw, Strand::Joints, Part::End],
        'shoot-mitre' => [Phase::Pare, Strand::Joints, Part::End],
        'saw-dovetail' => [Phase::Saw, Strand::Joints, Part::Joint],
        'clear-waste' => [Phase::Clear, Strand::Joints, Part::Joint],
        'chop-across' => [Phase::Pare, Strand::Joints, Part::Joint],
        'transfer' => [Phase::Mark, Strand::Joints, Part::Joint],
        'clean-corner' => [Phase::Pare, Strand::Joints, Part::Joint],
        'halve' => [Phase::Saw, Strand::Joints, Part::Joint],
        'pare' => [Phase::Fit, Strand::Joints, Part::Joint],
        'fit-tenon-cheek' => [Phase::Fit, Strand::Joints, Part::Joint],
        'fit-tenon-shoulder' => [Phase::Fit, Strand::Joints, Part::Joint],
        'rebate-along' => [Phase::Recess, Strand::Recesses, Part::Board],
        'rebate-across' => [Phase::Recess, Strand::Recesses, Part::Joint],
        'groove' => [Phase::Recess, Strand::Recesses, Part::Board],
        'dado' => [Phase::Recess, Strand::Recesses, Part::Joint],
        'tongue-and-groove' => [Phase::Recess, Strand::Recesses, Part::Joint],
        'raise-panel' => [Phase::Recess, Strand::Recesses, Part::Piece],
        'level-recess' => [Phase::Recess, Strand::Recesses, Part::Joint],
        'bore' => [Phase::Bore, Strand::Holes, Part::Joint],
        'ream-taper' => [Phase::Bore, Strand::Holes, Part::Joint],
        'start-screw' => [Phase::Bore, Strand::Holes, Part::Joint],
        'countersink' => [Phase::Bore, Strand::Holes, Part::Joint],
        'saw-curve' => [Phase::Shape, Strand::Shapes, Part::Piece],
        'round' => [Phase::Shape, Strand::Shapes, Part::Joint],
        'taper' => [Phase::Shape, Strand::Shapes, Part::Joint],
        'hollow' => [Phase::Shape, Strand::Shapes, Part::Piece],
        'shape-convex' => [Phase::Shape, Strand::Shapes, Part::Piece],
        'shape-concave' => [Phase::Shape, Strand::Shapes, Part::Piece],
        'mould-edge' => [Phase::Shape, Strand::Shapes, Part::Board],
        'chamfer' => [Phase::Shape, Strand::Shapes, Part::Board],
        'make-pegs' => [Phase::Shape, Strand::Shapes, Part::Piece],
        'edge-glue' => [Phase::Glue, Strand::Glue, Part::Joint, self::GLUE_DAYS],
        'assemble' => [Phase::Glue, Strand::Glue, Part::Piece, self::GLUE_DAYS],
        'clamp-frame' => [Phase::Glue, Strand::Glue, Part::Piece, self::GLUE_DAYS],
        'tap-home' => [Phase::Glue, Strand::Glue, Part::Joint],
        'drive-screw' => [Phase::Glue, Strand::Glue, Part::Joint],
        'clear-glue' => [Phase::CleanUp, Strand::Finish, Part::Joint],
        'flush-trim' => [Phase::CleanUp, Strand::Finish, Part::Joint],
        'smooth' => [Phase::CleanUp, Strand::Finish, Part::Board],
        'smooth-difficult' => [Phase::CleanUp, Strand::Finish, Part::Piece],
        'ease-edges' => [Phase::CleanUp, Strand::Finish, Part::Piece],
    ];

    /** What is no step of making a piece: it is done to tools, or while something else is. */
    private const NO_STEP = [
        'hold', 'strike', 'grind', 'hone', 'strop', 'flatten-stone', 'turn-burr', 'have-saw', 'sharpen-saw',
        'sharpen-auger',
    ];

    public function __construct(
        public Phase $phase,
        public Strand $strand,
        public Part $part,
        public float $restDays,
        public int $place,
    ) {
    }

    public static function isStep(string $operation): bool
    {
        return ! in_array($operation, self::NO_STEP, true);
    }

    /** @throws OutOfBoundsException for what is no step of a job */
    public static function of(string $operation): self
    {
        $found = self::ALL[$operation] ?? throw new OutOfBoundsException("\"$operation\" is no step of a job.");

        return new self($found[0], $found[1], $found[2], $found[3] ?? 0.0,
            (int) array_search($operation, array_keys(self::ALL), true));
    }
}
