<?php

declare(strict_types=1);

namespace App\Kit;

use App\Http\Answer\NextAnswer;
use App\Http\Answer\WordAnswer;
use App\Http\Money;
use App\Kit\Answer\BoughtForAnswer;
use App\Kit\Answer\IdleAnswer;
use App\Kit\Answer\IdleToolAnswer;
use App\Kit\Answer\NotHereAnswer;
use App\Kit\Answer\RedundantSetAnswer;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use App\Work\Work;
use Illuminate\Support\Collection;
use JackRest\Core\Idle\RedundantSet;
use JackRest\Desk\Idle\IdlenessWords;

/** What is used and what is not, what could go without loss, what is lent and what is put away. */
final class IdleResource
{
    public static function of(IdleOfBench $idle): IdleAnswer
    {
        $none = new RedundantSet([], 0.0, true);
        [$byWorth, $byNumber] = $idle->hasWorks()
            ? [$idle->redundant->byWorth(), $idle->redundant->byNumber()]
            : [$none, $none];
        $couldGo = array_fill_keys([...$byWorth->ids(), ...$byNumber->ids()], true);
        $tools = $idle
            ->tools()
            ->map(
                static fn (Tool $tool): IdleToolAnswer => self::tool($tool, $idle, isset($couldGo[(string) $tool->id])),
            );
        $all = $idle->kit->tools;

        return new IdleAnswer(
            tools: array_values(
                $tools
                    ->sortBy(
                        static fn (IdleToolAnswer $tool): array => [! $tool->isIdle, ! $tool->couldGo, $tool->name],
                    )
                    ->all(),
            ),
            byWorth: self::set($byWorth),
            byNumber: self::set($byNumber),
            lent: self::names($all->filter(static fn (Tool $tool): bool => $tool->lent_on !== null)),
            away: self::names($all->filter(static fn (Tool $tool): bool => $tool->away_on !== null)),
            purchases: array_values(
                $all
                    ->filter(
                        static fn (Tool $tool): bool => $tool->status === ToolStatus::Owned &&
                            $tool->bought_for !== null,
                    )
                    ->sortByDesc('hung_on')
                    ->take(8)
                    ->map(static fn (Tool $tool): BoughtForAnswer => self::purchase($tool, $idle))
                    ->all(),
            ),
            works: array_values(
                $idle->kit->works
                    ->map(
                        static fn (Work $work): WordAnswer => new WordAnswer(
                            value: (string) $work->id,
                            label: $work->name,
                        ),
                    )
                    ->all(),
            ),
            next: match (true) {
                $tools->isEmpty() => new NextAnswer(
                    says: 'Hang up what you have first.',
                    why: 'Then you can see what of it the works need.',
                ),
                ! $idle->hasWorks() => new NextAnswer(
                    says: 'Choose what you want to make.',
                    why: 'Without a chosen work nothing can be said to be needed.',
                ),
                default => self::next($byWorth, $tools->where('isIdle', true)->count()),
            },
        );
    }

    private static function tool(Tool $tool, IdleOfBench $idle, bool $couldGo): IdleToolAnswer
    {
        $idleness = new IdlenessWords($idle->idleness($tool));
        $going = $idle->without->of($tool->toCore());

        return new IdleToolAnswer(
            id: $tool->id,
            version: $tool->version,
            name: $tool->name,
            isIdle: $idle->stands($tool),
            kept: $tool->kept,
            couldGo: $couldGo,
            used: $idleness->sentence(),
            why: $idleness->why(),
            lost: $going->lost,
            worse: $going->worse,
            instead: $going->instead,
            worth: Money::plain(IdleOfBench::worthOf($tool)),
        );
    }

    private static function set(RedundantSet $set): RedundantSetAnswer
    {
        return new RedundantSetAnswer(
            ids: array_map(intval(...), $set->ids()),
            worth: Money::plain($set->worth),
            isProven: $set->isProven,
        );
    }

    /**
     * @param  Collection<int, Tool>  $tools
     * @return list<NotHereAnswer>
     */
    private static function names(Collection $tools): array
    {
        return array_values(
            $tools
                ->map(
                    static fn (Tool $tool): NotHereAnswer => new NotHereAnswer(
                        id: $tool->id,
                        version: $tool->version,
                        name: $tool->name,
                        to: $tool->lent_to,
                        since: $tool->lent_on ?? $tool->away_on,
                        askOn: $tool->ask_on,
                    ),
                )
                ->all(),
        );
    }

    private static function purchase(Tool $tool, IdleOfBench $idle): BoughtForAnswer
    {
        $used = $idle->usedFor($tool);

        return new BoughtForAnswer(
            id: $tool->id,
            name: $tool->name,
            boughtFor: $tool->bought_for,
            usedFor: $used === []
                ? (new IdlenessWords($idle->idleness($tool)))->sentence()
                : 'Used for: '.implode(', ', $used).'.',
        );
    }

    private static function next(RedundantSet $set, int $idle): NextAnswer
    {
        $count = count($set->tools);

        return match (true) {
            $count === 0 => new NextAnswer(
                says: 'Keep all of them: each is needed.',
                why: 'Without any one of them some chosen work would be done worse.',
            ),
            default => new NextAnswer(
                says: ($count === 1 ? 'One tool' : "$count tools").
                    ' could go, worth '.
                    Money::plain($set->worth).
                    ', and nothing would be lost.',
                why: ($idle === 0
                    ? 'None of the kit stands idle'
                    : ($idle === 1
                        ? 'One of the kit stands idle'
                        : "$idle of the kit stand idle")).
                    '. No larger set loses nothing for the chosen works; what keeps edges sharp stays.',
            ),
        };
    }
}
