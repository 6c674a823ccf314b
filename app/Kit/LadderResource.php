<?php

declare(strict_types=1);

namespace App\Kit;

use App\Http\Money;
use App\Http\OutlineResource;
use App\Kit\Answer\LadderAnswer;
use App\Kit\Answer\ReachedAnswer;
use App\Kit\Answer\RungAnswer;
use App\Kit\Answer\RungToolAnswer;
use App\Work\KitOfBench;
use Illuminate\Support\Carbon;
use JackRest\Core\Basis;
use JackRest\Core\Kit\Ladder;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\OutOfReach;
use JackRest\Core\Kit\Reached;
use JackRest\Core\Kit\Rung;
use JackRest\Core\Outline\Outlines;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Task;
use JackRest\Desk\Explanation;
use JackRest\Desk\Kit\LadderWords;
use JackRest\Desk\Kit\PurchaseWords;
use JackRest\Desk\Making\PlanKind;

/** The order to get tools in: cost along, works unlocked up. */
final readonly class LadderResource
{
    private Ladder $ladder;

    private LadderWords $words;

    private function __construct(private KitOfBench $kit)
    {
        $this->ladder = $kit->ladder();
        $this->words = new LadderWords(Money::plain(...));
    }

    public static function of(KitOfBench $kit): LadderAnswer
    {
        return (new self($kit))->whole();
    }

    private function whole(): LadderAnswer
    {
        $settings = $this->kit->settings;
        $next = $this->ladder->outOfReach;

        return new LadderAnswer(
            rungs: array_map($this->rung(...), $this->ladder->rungs()),
            tools: count($this->ladder->toGet()),
            works: $this->kit->chosen()->count(),
            total: $this->ladder->toSpend(),
            totalText: Money::plain($this->ladder->toSpend()),
            running: Money::plain(round($this->ladder->runningPerYear())).' a year',
            proof: self::proof($this->ladder),
            perMonth: $settings->per_month,
            budget: $settings->budget,
            floor: $settings->floor,
            settingsVersion: $settings->version,
            locked: $this->locked($next),
            impossible: self::impossible($this->ladder),
            outOfReach: $next === null ? null : $this->words->outOfReach($next),
            beyond: $next === null ? null : $this->rung($next->rung),
            meanwhile: $next?->meanwhile === null ? null : $this->rung($next->meanwhile),
            startingSmall: $this->words->startingSmall($this->ladder),
            says: $this->says(),
            why: $this->why(),
            how: [self::how($this->ladder)],
        );
    }

    /** @return list<string> works that are not reached, and not told of already */
    private function locked(?OutOfReach $next): array
    {
        $names = [];
        foreach ($this->ladder->locked() as $work) {
            if ($work->id !== $next?->work->id) {
                $names[] = $work->name;
            }
        }

        return $names;
    }

    private static function proof(Ladder $ladder): string
    {
        return $ladder->isProven()
            ? 'Each stage is the cheapest there is.'
            : 'Each stage is the best found in the time.';
    }

    private function says(): string
    {
        $rung = $this->ladder->now();

        return match (true) {
            $this->kit->chosen()->isEmpty() => 'Choose a work first: the ladder leads to it.',
            $rung !== null => $this->words->next($rung->tools[0]),
            $this->ladder->outOfReach !== null => 'Your budget does not reach for the next step.',
            $this->ladder->missing() !== [] => 'No step leads further.',
            default => 'You stand at the top: all your works are possible.',
        };
    }

    private function why(): string
    {
        $rung = $this->ladder->now();
        $months = $this->kit->settings->months(Carbon::now()->toDateString());
        $money = $months === null
            ? ''
            : ' '.Money::plain((float) $this->kit->settings->per_month).' a month, this month included.';

        return ($rung === null ? '' : $this->words->why($this->ladder, $rung, $rung->tools[0])).$money;
    }

    public static function impossible(Ladder $ladder): ?string
    {
        $names = array_map(static fn (Task $task): string => $task->operation->name, $ladder->missing());

        return $names === []
            ? null
            : 'Nothing on offer is good enough to '.PurchaseWords::listed(array_values(array_unique($names))).'.';
    }

    public static function how(Ladder $ladder): Explanation
    {
        $count = count($ladder->toGet());

        return new Explanation(
            'Why this order?',
            'next = the work, made so well, with the least cost × step ÷ weight; its tools = the least cost such '
                .'that every operation has a good enough way, each tool with all it needs',
            $count === 0
                ? 'nothing to get'
                : "$count of {$ladder->offered()} tools, ".Money::plain($ladder->toSpend()).
                    ($ladder->isProven() ? '; no stage could be had for less' : '; the best found in the time'),
            Basis::CommonPractice,
            'Exact search over every combination, stage by stage. Ways are common practice, their grades and minutes '.
                'from memory. Prices are invented round figures until you type your own.',
        );
    }

    private function rung(Rung $rung): RungAnswer
    {
        $months = $this->kit->settings->months(Carbon::now()->toDateString());
        $at = $rung->from;
        $tools = [];
        foreach ($rung->tools as $offer) {
            $at += $offer->price;
            $tools[] = $this->tool($offer, $rung, $months?->whenSaved($at));
        }

        return new RungAnswer(
            stage: $rung->stage,
            tools: $tools,
            made: $tools !== [] &&
                array_filter($rung->tools, static fn (Offer $offer): bool => $offer->making === null) === [],
            cost: $rung->cost,
            costText: Money::plain($rung->cost),
            from: $rung->from,
            to: $rung->to,
            toText: Money::plain($rung->to),
            minutes: $rung->minutes,
            unlocks: array_map(
                static fn (Reached $goal): ReachedAnswer => new ReachedAnswer(
                    id: (int) $goal->work->id,
                    name: $goal->work->name,
                    floor: $goal->floor,
                    well: LadderWords::floor($goal->floor),
                    isAll: $goal->isAll,
                    like: LadderWords::like($goal),
                ),
                $rung->reached,
            ),
            month: $rung->month,
            late: $rung->late ? $this->late($rung) : null,
        );
    }

    private function late(Rung $rung): string
    {
        $dated = array_values(
            array_filter($rung->reached, static fn (Reached $goal): bool => $goal->work->due !== null),
        )[0]->work;
        $months = $this->kit->settings->months(Carbon::now()->toDateString());
        $needed = $months?->neededFor($rung->to, (string) $dated->due);

        return "Too late for the {$dated->name}, wanted by {$dated->due}. ".
            ($needed === null ? 'That day is past.' : 'It would take '.Money::plain(ceil($needed)).' a month.');
    }

    private function tool(Offer $offer, Rung $rung, ?string $month): RungToolAnswer
    {
        return new RungToolAnswer(
            offer: $offer->id,
            toolId: $this->kit->toolOf($offer)?->id,
            name: $offer->name,
            kind: $offer->kind,
            outline: OutlineResource::of(Outlines::of(ToolKinds::named($offer->kind)->form, $offer->sizes)),
            cost: $offer->price,
            costText: Money::plain($offer->price),
            ownPrice: $offer->ownPrice,
            made: $offer->making !== null,
            minutes: $offer->making?->minutes,
            plan: $offer->making === null ? null : PlanKind::forTool($offer->kind)?->value,
            for: LadderWords::for($offer, $rung->lifts),
            month: $month,
        );
    }
}
