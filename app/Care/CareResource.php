<?php

declare(strict_types=1);

namespace App\Care;

use App\Bench\Bench;
use App\Care\Answer\CareAnswer;
use App\Care\Answer\CareRoundAnswer;
use App\Care\Answer\ConsumableKindAnswer;
use App\Care\Answer\StockAnswer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Care\CareRound;
use JackRest\Core\Care\Consumable;
use JackRest\Core\Care\Damp;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Desk\Care\CareWords;

/** Rounds of care with when they were done last, and what is used up. */
final class CareResource
{
    /** So many tools of a round are drawn at most. */
    private const DRAWN = 7;

    public static function of(Bench $bench): CareAnswer
    {
        $care = new CareOfBench($bench);
        $here = $care->daysHere();

        return new CareAnswer(
            rounds: array_map(
                static fn (CareRound $round): CareRoundAnswer => new CareRoundAnswer(
                    key: "care-{$round->job->value}",
                    says: $round->says(),
                    why: $round->job->why(),
                    last: CareWords::last($round),
                    isDue: $round->isDue($here),
                    minutes: $round->minutes(),
                    tools: array_map(
                        static fn (ToolAtHand $tool): int => (int) $tool->id,
                        array_slice($round->oneOfEachKind(), 0, self::DRAWN),
                    ),
                ),
                $care->rounds(),
            ),
            damp: $care->damp->value,
            dampByLog: $care->dampByLog(),
            damps: WordAnswer::each(Damp::cases()),
            stocks: array_values(
                ConsumableStock::of($bench)
                    ->oldest('id')
                    ->get()
                    ->map(static function (ConsumableStock $bought) use ($care): StockAnswer {
                        $stock = $care->stock($bought);

                        return new StockAnswer(
                            id: $bought->id,
                            version: $bought->version,
                            key: "stock-{$bought->id}",
                            label: $bought->kind->label(),
                            says: CareWords::left($stock),
                            isLow: $stock->isLow(),
                            share: $bought->bought > 0 ? $stock->left() / $bought->bought : 0.0,
                        );
                    })
                    ->all(),
            ),
            kinds: array_map(
                static fn (Consumable $kind): ConsumableKindAnswer => new ConsumableKindAnswer(
                    value: $kind->value,
                    label: $kind->label(),
                    one: $kind->one(),
                ),
                Consumable::cases(),
            ),
        );
    }
}
