<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
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
        LengthFormatter $format,
    ) {
        $movement = self::movement($blank, $wanted, $swing);
        $this->edgeMm = abs($movement->edgeErrorMm ?? 0.0);
        $this->widthMm = abs($movement->changeMm);
        $reasons = [...self::size($blank, $wanted, $format), ...self::look($blank), self::rest($blank, $format)];
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

    /** What the year does to it, in a sentence. */
    public function moves(LengthFormatter $format): string
    {
        $pct = static fn (float $value): string => LengthFormatter::decimal($value, 1);

        return "From {$pct($this->swing->fromPct)} to {$pct($this->swing->toPct)} % its edge turns by "
            ."{$format->small($this->edgeMm)} over {$format->dimension($this->wanted->lengthMm)}, its width by "
            ."{$format->small($this->widthMm)}.";
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
    private static function size(WoodBlank $blank, WantedPiece $wanted, LengthFormatter $format): array
    {
        $reasons = [];
        foreach (
            [
                ['short', $blank->lengthMm, $wanted->roughLengthMm()],
                ['narrow', $blank->widthMm, $wanted->roughWidthMm()],
                ['thin', $blank->thicknessMm, $wanted->roughThicknessMm()],
            ] as [$too, $has, $needs]
        ) {
            if ($has < $needs) {
                $reasons[] = new Reason(
                    Fitness::Unfit,
                    "Too $too: it has {$format->dimension($has)}, and with what is planed off "
                        ."{$format->dimension($needs)} are wanted.",
                );
            }
        }

        return $reasons;
    }

    /** @return list<Reason> */
    private static function look(WoodBlank $blank): array
    {
        $runout = $blank->runoutDeg;

        return array_values(
            array_filter([
                $blank->knots === Knots::InTheWay
                    ? new Reason(Fitness::Unfit, 'Knots would lie in the piece: the grain runs round them.')
                    : null,
                $blank->knots === Knots::Clear
                    ? new Reason(Fitness::Doubtful, 'Cut it clear of its knots, and of the grain that runs round them.')
                    : null,
                $blank->figure === Figured::Wild
                    ? new Reason(Fitness::Unfit, 'Wild figure: every part of it moves its own way.')
                    : null,
                $blank->figure === Figured::Slight
                    ? new Reason(Fitness::Doubtful, 'Some figure: it may move unevenly.')
                    : null,
                $blank->ringDeg < self::FLAT_DEG
                    ? new Reason(
                        Fitness::Doubtful,
                        'Rings at '.
                            LengthFormatter::decimal($blank->ringDeg, 0).
                            '°: nearer flatsawn, so it moves more in width and cups.',
                    )
                    : new Reason(Fitness::Good, 'Rings at '.LengthFormatter::decimal($blank->ringDeg, 0).'°.'),
                match (true) {
                    $runout === null => new Reason(
                        Fitness::Doubtful,
                        'Its run-out was not measured, and is taken as '.
                            LengthFormatter::decimal(WoodBlank::UNKNOWN_RUNOUT_DEG, 0).
                            '°.',
                    ),
                    $runout > self::STEEP_DEG => new Reason(
                        Fitness::Doubtful,
                        'Grain running out by '.
                            LengthFormatter::decimal($runout, 1).
                            '°: it turns with the season, and tears when it is planed.',
                    ),
                    default => new Reason(
                        Fitness::Good,
                        'Grain running out by '.LengthFormatter::decimal($runout, 1).'°.',
                    ),
                },
            ]),
        );
    }

    private static function rest(WoodBlank $blank, LengthFormatter $format): Reason
    {
        return new Reason(
            match ($blank->rest->verdict) {
                RestVerdict::Still => Fitness::Good,
                RestVerdict::Moved => Fitness::Unfit,
                default => Fitness::Doubtful,
            },
            $blank->rest->says($format),
        );
    }
}
