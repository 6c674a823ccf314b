<?php

declare(strict_types=1);

namespace JackRest\Desk\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\Judged;
use JackRest\Core\Shelf\Reason;
use JackRest\Core\Shelf\ReasonKind;

/** What speaks for a blank and against it, and what the year does to it. */
final readonly class JudgedWords
{
    public function __construct(private Judged $judged, private LengthFormatter $format)
    {
    }

    /** What decides: what rules it out first, what speaks for it last. */
    public function first(): string
    {
        return $this->reason($this->judged->reasons[0]);
    }

    /** What the year does to it, in a sentence. */
    public function moves(): string
    {
        [$swing, $format] = [$this->judged->swing, $this->format];
        $pct = static fn (float $value): string => LengthFormatter::decimal($value, 1);

        return "From {$pct($swing->fromPct)} to {$pct($swing->toPct)} % its edge turns by "
            ."{$format->small($this->judged->edgeMm)} over {$format->dimension($this->judged->wanted->lengthMm)}, "
            ."its width by {$format->small($this->judged->widthMm)}.";
    }

    public function reason(Reason $reason): string
    {
        $deg = LengthFormatter::decimal($reason->is, 1);
        $wholeDeg = LengthFormatter::decimal($reason->is, 0);

        return match ($reason->kind) {
            ReasonKind::TooShort => $this->too('short', $reason),
            ReasonKind::TooNarrow => $this->too('narrow', $reason),
            ReasonKind::TooThin => $this->too('thin', $reason),
            ReasonKind::KnotsInTheWay => 'Knots would lie in the piece: the grain runs round them.',
            ReasonKind::KnotsClear => 'Cut it clear of its knots, and of the grain that runs round them.',
            ReasonKind::WildFigure => 'Wild figure: every part of it moves its own way.',
            ReasonKind::SlightFigure => 'Some figure: it may move unevenly.',
            ReasonKind::FlatRings => "Rings at {$wholeDeg}°: nearer flatsawn, so it moves more in width and cups.",
            ReasonKind::Rings => "Rings at {$wholeDeg}°.",
            ReasonKind::UnknownRunout => "Its run-out was not measured, and is taken as {$wholeDeg}°.",
            ReasonKind::SteepRunout => "Grain running out by {$deg}°: it turns with the season, and tears when it is "
                .'planed.',
            ReasonKind::Runout => "Grain running out by {$deg}°.",
            ReasonKind::Rest => (new RestWords($this->judged->blank->rest, $this->format))->says(),
        };
    }

    private function too(string $little, Reason $reason): string
    {
        return "Too $little: it has {$this->format->dimension($reason->is)}, and with what is planed off "
            ."{$this->format->dimension($reason->wanted)} are wanted.";
    }
}
