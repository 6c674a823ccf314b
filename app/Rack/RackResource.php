<?php

declare(strict_types=1);

namespace App\Rack;

use App\Http\Answer\NextAnswer;
use App\Http\Money;
use App\Rack\Answer\MediumAnswer;
use App\Rack\Answer\MediumCostAnswer;
use App\Rack\Answer\RackAnswer;
use App\Rack\Answer\RackGapAnswer;
use App\Rack\Answer\RackNoteAnswer;
use App\Rack\Answer\ScaleAnswer;
use App\Rack\Answer\StoneAnswer;
use App\Stone\RackOfBench;
use App\Stone\Stone;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Rack\Costs;
use JackRest\Core\Rack\OwnCut;
use JackRest\Core\Rack\RackStone;
use JackRest\Desk\Rack\PrintedScale;
use JackRest\Desk\Rack\RackGap;
use JackRest\Desk\Rack\RackNote;
use JackRest\Desk\Rack\RackReview;

/** The rack: every piece, what is to be known about them together, what they cost. */
final class RackResource
{
    private const YEARS = [1, 5, 10];

    /** @param  bool  $laminated  whether any edge is of hard steel laminated to soft iron */
    public static function of(RackOfBench $rack, float $edgesPerYear, bool $laminated): RackAnswer
    {
        $pieces = $rack->pieces();
        $review = $rack->review($laminated);

        return new RackAnswer(
            stones: array_map(
                static fn (Stone $stone, RackStone $piece): StoneAnswer => self::stone($stone, $piece, $rack),
                array_values($rack->stones->all()),
                $pieces,
            ),
            notes: array_map(
                static fn (RackNote $note): RackNoteAnswer => new RackNoteAnswer(
                    kind: $note->kind,
                    says: $note->says,
                    stones: $note->stones,
                ),
                $review->notes(),
            ),
            gaps: array_map(
                static fn (RackGap $gap): RackGapAnswer => new RackGapAnswer(
                    from: $gap->coarse->stone->id,
                    to: $gap->fine->stone->id,
                    kind: $gap->kind(),
                    times: $gap->label(),
                ),
                $review->gaps(),
            ),
            next: NextAnswer::of($review->next()),
            costs: array_map(
                static fn (Costs $cost): MediumCostAnswer => self::cost($cost, $edgesPerYear),
                Costs::byMedium($pieces),
            ),
            edgesPerYear: (int) round($edgesPerYear),
            media: array_map(
                static fn (Medium $medium): MediumAnswer => new MediumAnswer(
                    value: $medium->value,
                    label: $medium->label(),
                    lasts: (string) $medium->usualLifeEdges(),
                    scale: PrintedScale::usual($medium)->value,
                ),
                Medium::cases(),
            ),
            scales: array_map(
                static fn (PrintedScale $scale): ScaleAnswer => new ScaleAnswer(
                    value: $scale->value,
                    label: $scale->label(),
                    example: $scale->example(),
                ),
                PrintedScale::cases(),
            ),
        );
    }

    private static function stone(Stone $stone, RackStone $piece, RackOfBench $rack): StoneAnswer
    {
        return new StoneAnswer(
            id: $stone->id,
            key: $piece->stone->id,
            version: $stone->version,
            name: $stone->name,
            medium: $stone->medium->value,
            mediumLabel: $stone->medium->label(),
            scale: $stone->scale->value,
            designation: $stone->designation,
            label: $stone->scale->label($stone->designation),
            particleUm: $piece->stone->particleUm(),
            price: $stone->price,
            lasts: $piece->lasts(),
            lastsTyped: $stone->lasts_edges === null ? '' : (string) $stone->lasts_edges,
            worn: min(1.0, $piece->edgesDone / $piece->lasts()),
            wornSays: $piece->edgesDone === 0
                ? 'not used here yet'
                : self::counted($piece->edgesDone, 'edge')." of about {$piece->lasts()}",
            flattens: $stone->medium->edgesUntilHollow() !== null,
            flatSays: self::flat($stone, $piece),
            due: RackReview::flatten($piece, $rack->school->flatness),
            own: $piece->own === null ? null : self::own($stone, $piece->own),
            perEdge: $stone->price === null ? null : LengthFormatter::fixed($stone->price / $piece->lasts(), 3),
        );
    }

    private static function flat(Stone $stone, RackStone $piece): string
    {
        return match (true) {
            $stone->medium->edgesUntilHollow() === null => 'stays flat',
            $piece->edgesSinceFlat === 0 => 'flat',
            default => self::counted($piece->edgesSinceFlat, 'edge').' since it was flattened',
        };
    }

    private static function own(Stone $stone, OwnCut $own): string
    {
        $times = LengthFormatter::decimal($own->factor, 2);
        $sessions = $own->sessions === 1 ? '1 session' : "{$own->sessions} sessions";
        $spread =
            $own->sessions > 1
                ? ' (two in three between '.
                    LengthFormatter::decimal($own->factor / $own->spread, 2).
                    ' and '.
                    LengthFormatter::decimal($own->factor * $own->spread, 2).
                    ')'
                : '';

        return $own->isUsed()
            ? "Your {$stone->name} cuts $times times the default, from $sessions$spread."
            : "So far $times times the default, from $sessions; used from ".OwnCut::USED_FROM.' on.';
    }

    private static function cost(Costs $cost, float $edgesPerYear): MediumCostAnswer
    {
        return new MediumCostAnswer(
            medium: $cost->medium->label(),
            perEdge: LengthFormatter::fixed($cost->perEdge(), 2),
            after: array_map(
                static fn (int $years): string => Money::plain(round($cost->after($years, $edgesPerYear), 2)),
                self::YEARS,
            ),
        );
    }

    private static function counted(int $count, string $thing): string
    {
        return "$count $thing".($count === 1 ? '' : 's');
    }
}
