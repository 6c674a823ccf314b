<?php

declare(strict_types=1);

namespace App\Kit;

use App\Http\Answer\NamedAnswer;
use App\Http\Money;
use App\Http\OutlineResource;
use App\Kit\Answer\LadderAnswer;
use App\Kit\Answer\RungAnswer;
use App\Kit\Answer\RungToolAnswer;
use App\Work\KitOfBench;
use Illuminate\Support\Carbon;
use JackRest\Core\Kit\Ladder;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\PlannedWork;
use JackRest\Core\Kit\Rung;
use JackRest\Core\Outline\Outlines;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Making\PlanKind;

/** The order to get tools in: cost along, works unlocked up. */
final class LadderResource
{
    public static function of(KitOfBench $kit): LadderAnswer
    {
        $proposal = $kit->planner()->propose();
        $ladder = $kit->ladder();
        $settings = $kit->settings;
        $months = $settings->months(Carbon::now()->toDateString());

        return new LadderAnswer(
            rungs: array_map(static fn (Rung $rung): RungAnswer => self::rung($rung, $kit), $ladder->rungs()),
            works: count($kit->planner()->works),
            total: $proposal->cost,
            totalText: Money::plain($proposal->cost),
            running: Money::plain(round($proposal->runningPerYear)).' a year',
            proof: $proposal->plan->provenOptimal
                ? 'Nothing cheaper makes all of it possible.'
                : 'The best found in the time; nothing can cost less than '.
                    Money::plain(round($proposal->plan->lowerBound, 2)).
                    '.',
            perMonth: $settings->per_month,
            budget: $settings->budget,
            floor: $settings->floor,
            settingsVersion: $settings->version,
            locked: array_map(static fn (PlannedWork $work): string => $work->name, $ladder->locked()),
            impossible: self::impossible($kit),
            says: self::says($ladder, $kit),
            why: $months === null
                ? 'Say what you can spend a month, and each step gets its date.'
                : Money::plain((float) $settings->per_month).' a month, this month included.',
            how: [KitResource::how($proposal)],
        );
    }

    private static function says(Ladder $ladder, KitOfBench $kit): string
    {
        $proposal = $kit->planner()->propose();
        $rungs = array_filter($ladder->rungs(), static fn (Rung $rung): bool => $rung->tools !== []);
        $first = array_values($rungs)[0] ?? null;

        return match (true) {
            $kit->planner()->works === [] => 'Choose a work first: the ladder leads to it.',
            $first === null && $proposal->impossible === [] && $proposal->unserved === [] => 'You stand at the top: '.
                'all your works are possible.',
            $first === null => 'No step leads further.',
            default => ($first->made ? 'First make the ' : 'First get the ').$first->tools[0]->name.'.',
        };
    }

    private static function impossible(KitOfBench $kit): ?string
    {
        $proposal = $kit->planner()->propose();
        $parts = array_filter(
            [
                $proposal->impossible === []
                    ? null
                    : 'Nothing on offer is good enough to '.KitResource::names($proposal->impossible).'.',
                $proposal->unserved === []
                    ? null
                    : KitResource::unserved($proposal).' The nearest kit you can afford does the rest.',
            ],
            is_string(...),
        );

        return $parts === [] ? null : implode(' ', $parts);
    }

    private static function rung(Rung $rung, KitOfBench $kit): RungAnswer
    {
        $months = $kit->settings->months(Carbon::now()->toDateString());
        $at = $rung->from;
        $tools = [];
        foreach ($rung->tools as $offer) {
            $at += $offer->price;
            $tools[] = self::tool($offer, $kit, $months?->whenSaved($at));
        }

        return new RungAnswer(
            tools: $tools,
            made: $rung->made,
            plan: $rung->made ? PlanKind::forTool($rung->tools[0]->kind)?->value : null,
            cost: $rung->cost,
            costText: Money::plain($rung->cost),
            from: $rung->from,
            to: $rung->to,
            toText: Money::plain($rung->to),
            minutes: $rung->minutes,
            unlocks: array_map(
                static fn (PlannedWork $work): NamedAnswer => new NamedAnswer(id: (int) $work->id, name: $work->name),
                $rung->unlocks,
            ),
            month: $rung->month,
            late: $rung->late ? self::late($rung, $kit) : null,
        );
    }

    private static function late(Rung $rung, KitOfBench $kit): string
    {
        $dated = array_values(array_filter($rung->unlocks, static fn (PlannedWork $work): bool => $work->due !== null));
        $needed = $kit->settings->months(Carbon::now()->toDateString())?->neededFor($rung->to, (string) $dated[0]->due);

        return "Too late for the {$dated[0]->name}, wanted by {$dated[0]->due}. ".
            ($needed === null ? 'That day is past.' : 'It would take '.Money::plain(ceil($needed)).' a month.');
    }

    private static function tool(Offer $offer, KitOfBench $kit, ?string $month): RungToolAnswer
    {
        return new RungToolAnswer(
            offer: $offer->id,
            toolId: $kit->toolOf($offer)?->id,
            name: $offer->name,
            kind: $offer->kind,
            outline: OutlineResource::of(Outlines::of(ToolKinds::named($offer->kind)->form, $offer->sizes)),
            cost: $offer->price,
            costText: Money::plain($offer->price),
            ownPrice: $offer->ownPrice,
            month: $month,
        );
    }
}
