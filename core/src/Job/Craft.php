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
        'measure' => [Phase::Prepare, Strand::Boards, JobPart::Board],
        'rough-out' => [Phase::Prepare, Strand::Boards, JobPart::Board],
        'crosscut' => [Phase::Prepare, Strand::Boards, JobPart::Board],
        'rip' => [Phase::Prepare, Strand::Boards, JobPart::Board],
        'flatten-coarse' => [Phase::Prepare, Strand::Boards, JobPart::Board],
        'flatten' => [Phase::Prepare, Strand::Boards, JobPart::Board],
        'check-flat' => [Phase::Prepare, Strand::Boards, JobPart::Board],
        'check-wind' => [Phase::Prepare, Strand::Boards, JobPart::Board],
        'joint-edge' => [Phase::Prepare, Strand::Boards, JobPart::Board],
        'check-straight' => [Phase::Prepare, Strand::Boards, JobPart::Board],
        'check-square' => [Phase::Prepare, Strand::Boards, JobPart::Board],
        'mark-wide' => [Phase::Mark, Strand::Boards, JobPart::Board],
        'bring-to-width' => [Phase::Prepare, Strand::Boards, JobPart::Board],
        'thickness' => [Phase::Prepare, Strand::Boards, JobPart::Board],
        'mark-square' => [Phase::Mark, Strand::Boards, JobPart::Board],
        'repeat-length' => [Phase::Mark, Strand::Boards, JobPart::Board],
        'shoot-end' => [Phase::Prepare, Strand::Boards, JobPart::End],
        'mark-parallel' => [Phase::Mark, Strand::Joints, JobPart::Joint],
        'step-off' => [Phase::Mark, Strand::Joints, JobPart::Joint],
        'mark-slope' => [Phase::Mark, Strand::Joints, JobPart::Joint],
        'mark-mortise' => [Phase::Mark, Strand::Joints, JobPart::Joint],
        'mark-bevel' => [Phase::Mark, Strand::Joints, JobPart::Joint],
        'chop-mortise' => [Phase::Clear, Strand::Joints, JobPart::Joint],
        'saw-tenon-cheek' => [Phase::Saw, Strand::Joints, JobPart::Joint],
        'saw-tenon-shoulder' => [Phase::Saw, Strand::Joints, JobPart::Joint],
        'saw-mitre' => [Phase::Saw, Strand::Joints, JobPart::End],
        'shoot-mitre' => [Phase::Pare, Strand::Joints, JobPart::End],
        'saw-dovetail' => [Phase::Saw, Strand::Joints, JobPart::Joint],
        'clear-waste' => [Phase::Clear, Strand::Joints, JobPart::Joint],
        'chop-across' => [Phase::Pare, Strand::Joints, JobPart::Joint],
        'transfer' => [Phase::Mark, Strand::Joints, JobPart::Joint],
        'clean-corner' => [Phase::Pare, Strand::Joints, JobPart::Joint],
        'halve' => [Phase::Saw, Strand::Joints, JobPart::Joint],
        'pare' => [Phase::Fit, Strand::Joints, JobPart::Joint],
        'fit-tenon-cheek' => [Phase::Fit, Strand::Joints, JobPart::Joint],
        'fit-tenon-shoulder' => [Phase::Fit, Strand::Joints, JobPart::Joint],
        'rebate-along' => [Phase::Recess, Strand::Recesses, JobPart::Board],
        'rebate-across' => [Phase::Recess, Strand::Recesses, JobPart::Joint],
        'groove' => [Phase::Recess, Strand::Recesses, JobPart::Board],
        'dado' => [Phase::Recess, Strand::Recesses, JobPart::Joint],
        'tongue-and-groove' => [Phase::Recess, Strand::Recesses, JobPart::Joint],
        'raise-panel' => [Phase::Recess, Strand::Recesses, JobPart::Piece],
        'level-recess' => [Phase::Recess, Strand::Recesses, JobPart::Joint],
        'bore' => [Phase::Bore, Strand::Holes, JobPart::Joint],
        'ream-taper' => [Phase::Bore, Strand::Holes, JobPart::Joint],
        'start-screw' => [Phase::Bore, Strand::Holes, JobPart::Joint],
        'countersink' => [Phase::Bore, Strand::Holes, JobPart::Joint],
        'saw-curve' => [Phase::Shape, Strand::Shapes, JobPart::Piece],
        'round' => [Phase::Shape, Strand::Shapes, JobPart::Joint],
        'taper' => [Phase::Shape, Strand::Shapes, JobPart::Joint],
        'hollow' => [Phase::Shape, Strand::Shapes, JobPart::Piece],
        'shape-convex' => [Phase::Shape, Strand::Shapes, JobPart::Piece],
        'shape-concave' => [Phase::Shape, Strand::Shapes, JobPart::Piece],
        'mould-edge' => [Phase::Shape, Strand::Shapes, JobPart::Board],
        'chamfer' => [Phase::Shape, Strand::Shapes, JobPart::Board],
        'make-pegs' => [Phase::Shape, Strand::Shapes, JobPart::Piece],
        'edge-glue' => [Phase::Glue, Strand::Glue, JobPart::Joint, self::GLUE_DAYS],
        'assemble' => [Phase::Glue, Strand::Glue, JobPart::Piece, self::GLUE_DAYS],
        'clamp-frame' => [Phase::Glue, Strand::Glue, JobPart::Piece, self::GLUE_DAYS],
        'tap-home' => [Phase::Glue, Strand::Glue, JobPart::Joint],
        'drive-screw' => [Phase::Glue, Strand::Glue, JobPart::Joint],
        'clear-glue' => [Phase::CleanUp, Strand::Finish, JobPart::Joint],
        'flush-trim' => [Phase::CleanUp, Strand::Finish, JobPart::Joint],
        'smooth' => [Phase::CleanUp, Strand::Finish, JobPart::Board],
        'smooth-difficult' => [Phase::CleanUp, Strand::Finish, JobPart::Piece],
        'ease-edges' => [Phase::CleanUp, Strand::Finish, JobPart::Piece],
    ];

    /** What is no step of making a piece: it is done to tools, or while something else is. */
    private const NO_STEP = [
        'hold', 'strike', 'grind', 'hone', 'strop', 'flatten-stone', 'turn-burr', 'have-saw', 'sharpen-saw',
        'sharpen-auger',
    ];

    public function __construct(
        public Phase $phase,
        public Strand $strand,
        public JobPart $part,
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
