<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Timber\WoodMovement;
use JackRest\Core\Timber\WoodMovementInput;
use JackRest\Core\Timber\WoodMovementResult;
use JackRest\Core\Timber\WoodState;

/**
 * A blank judged for a piece: how that piece would move through the shop's year, and every reason for or against it.
 *
 * "Straight, even, unfigured, quartersawn; prepare it, leave it a week, look again: if it moved, use another piece":
 * common practice, no source. The movement is `wood-movement` between the year's least and most moisture.
 */
final readonly class Judged
{
    /** Rings flatter than this move the face nearly as much as flatsawn wood; from memory. */
    private const FLAT_DEG = 45.0;

    /** Grain steeper than this crumbles at an edge; from memory. */
    private const STEEP_DEG = 6.0;

    public Fitness $fitness;

    /** How far the edge of the piece turns over its length through the year, mm. */
    public float $edgeMm;

    /** How much the piece changes in width, mm. */
    public float $widthMm;

    /** @var list<Reason> what rules it out first, what speaks for it last */
    public array $reasons;

    /** @throws InvalidInput never, for a blank that could be written down */
    public function __construct(
        public WoodBlank $blank,
        public WantedPiece $wanted,
        public Swing $swing,
    ) {
        $movement = self::movement($blank, $wanted, $swing);
        $this->edgeMm = abs($movement->edgeErrorMm ?? 0.0);
        $this->widthMm = abs($movement->changeMm);
        $reasons = [...self::size($blank, $wanted), ...self::look($blank), self::rest($blank)];
        usort(
            $reasons,
            static fn (Reason $one, Reason $other): int => $other->fitness->rank() <=> $one->fitness->rank(),
        );
        $this->reasons = $reasons;
        $this->fitness = $reasons[0]->fitness;
    }

    /** Better first: what it is fit for, then how little its edge turns, then how little it changes in width. */
    public function compare(self $other): int
    {
        return [$this->fitness->rank(), round($this->edgeMm, 4), round($this->widthMm, 4), $this->blank->name] <=> [
            $other->fitness->rank(),
            round($other->edgeMm, 4),
            round($other->widthMm, 4),
            $other->blank->name,
        ];
    }

    private static function movement(WoodBlank $blank, WantedPiece $wanted, Swing $swing): WoodMovementResult
    {
        return (new WoodMovement())(
            new WoodMovementInput(
                $blank->ringDeg,
                $wanted->widthMm,
                new WoodState($swing->fromPct),
                new WoodState($swing->toPct),
                $blank->species->name,
                grainRunoutDeg: $blank->runoutDeg ?? WoodBlank::UNKNOWN_RUNOUT_DEG,
                lengthMm: $wanted->lengthMm,
            ),
        );
    }

    /** @return list<Reason> */
    private static function size(WoodBlank $blank, WantedPiece $wanted): array
    {
        $reasons = [];
        foreach (
            [
                [ReasonKind::TooShort, $blank->lengthMm, $wanted->roughLengthMm()],
                [ReasonKind::TooNarrow, $blank->widthMm, $wanted->roughWidthMm()],
                [ReasonKind::TooThin, $blank->thicknessMm, $wanted->roughThicknessMm()],
            ] as [$too, $has, $needs]
        ) {
            if ($has < $needs) {
                $reasons[] = new Reason(Fitness::Unfit, $too, $has, $needs);
            }
        }

        return $reasons;
    }

    /** @return list<Reason> */
    private static function look(WoodBlank $blank): array
    {
        return array_values(
            array_filter([
                match ($blank->knots) {
                    Knots::InTheWay => new Reason(Fitness::Unfit, ReasonKind::KnotsInTheWay),
                    Knots::Clear => new Reason(Fitness::Doubtful, ReasonKind::KnotsClear),
                    Knots::None => null,
                },
                match ($blank->figure) {
                    Figured::Wild => new Reason(Fitness::Unfit, ReasonKind::WildFigure),
                    Figured::Slight => new Reason(Fitness::Doubtful, ReasonKind::SlightFigure),
                    Figured::Straight => null,
                },
                $blank->ringDeg < self::FLAT_DEG
                    ? new Reason(Fitness::Doubtful, ReasonKind::FlatRings, $blank->ringDeg)
                    : new Reason(Fitness::Good, ReasonKind::Rings, $blank->ringDeg),
                self::runout($blank->runoutDeg),
            ]),
        );
    }

    private static function runout(?float $deg): Reason
    {
        return match (true) {
            $deg === null => new Reason(
                Fitness::Doubtful,
                ReasonKind::UnknownRunout,
                WoodBlank::UNKNOWN_RUNOUT_DEG,
            ),
            $deg > self::STEEP_DEG => new Reason(Fitness::Doubtful, ReasonKind::SteepRunout, $deg),
            default => new Reason(Fitness::Good, ReasonKind::Runout, $deg),
        };
    }

    private static function rest(WoodBlank $blank): Reason
    {
        return new Reason(
            match ($blank->rest->verdict) {
                RestVerdict::Still => Fitness::Good,
                RestVerdict::Moved => Fitness::Unfit,
                default => Fitness::Doubtful,
            },
            ReasonKind::Rest,
        );
    }
}
