<?php

declare(strict_types=1);

namespace App\Kit;

use App\Http\Money;
use App\Work\Work;
use Illuminate\Support\Collection;
use JackRest\Core\Idle\RedundantSet;

/** What is used and what is not, what could go without loss, what is lent and what is put away. */
final class IdleResource
{
    /** @return array<string, mixed> */
    public static function of(IdleOfBench $idle): array
    {
        $none = new RedundantSet([], 0.0, true);
        [$byWorth, $byNumber] = $idle->hasWorks()
            ? [$idle->lossFree->byWorth(), $idle->lossFree->byNumber()]
            : [$none, $none];
        $couldGo = array_fill_keys([...$byWorth->ids(), ...$byNumber->ids()], true);
        $tools = $idle
            ->tools()
            ->map(static fn (Tool $tool): array => self::tool($tool, $idle, isset($couldGo[(string) $tool->id])));
        $all = $idle->kit->tools;

        return [
            'tools' => $tools
                ->sortBy(
                    static fn (array $tool): array => [
                        $tool['isIdle'] === false,
                        $tool['couldGo'] === false,
                        $tool['name'],
                    ],
                )
                ->values()
                ->all(),
            'byWorth' => self::set($byWorth),
            'byNumber' => self::set($byNumber),
            'lent' => self::names($all->filter(static fn (Tool $tool): bool => $tool->lent_on !== null)),
            'away' => self::names($all->filter(static fn (Tool $tool): bool => $tool->away_on !== null)),
            'purchases' => array_values(
                $all
                    ->filter(
                        static fn (Tool $tool): bool => $tool->status === ToolStatus::Owned &&
                            $tool->bought_for !== null,
                    )
                    ->sortByDesc('hung_on')
                    ->take(8)
                    ->map(static fn (Tool $tool): array => self::purchase($tool, $idle))
                    ->all(),
            ),
            'works' => array_values(
                $idle->kit->works
                    ->map(static fn (Work $work): array => ['value' => (string) $work->id, 'label' => $work->name])
                    ->all(),
            ),
            'next' => match (true) {
                $tools->isEmpty() => [
                    'says' => 'Hang up what you have first.',
                    'why' => 'Then it can be told what of it the works need.',
                ],
                ! $idle->hasWorks() => [
                    'says' => 'Choose what you want to make.',
                    'why' => 'Without a chosen work nothing can be said to be needed.',
                ],
                default => self::next($byWorth, $tools->where('isIdle', true)->count()),
            },
        ];
    }

    /** @return array<string, mixed> */
    private static function tool(Tool $tool, IdleOfBench $idle, bool $couldGo): array
    {
        $idleness = $idle->idleness($tool);
        $going = $idle->without->of($tool->toCore());

        return [
            'id' => $tool->id,
            'version' => $tool->version,
            'name' => $tool->name,
            'isIdle' => $idle->stands($tool),
            'kept' => $tool->kept,
            'couldGo' => $couldGo,
            'used' => $idleness->sentence(),
            'why' => $idleness->why(),
            'lost' => $going->lost,
            'worse' => $going->worse,
            'instead' => $going->instead,
            'worth' => Money::plain(IdleOfBench::worthOf($tool)),
        ];
    }

    /** @return array<string, mixed> */
    private static function set(RedundantSet $set): array
    {
        return [
            'ids' => array_map(intval(...), $set->ids()),
            'worth' => Money::plain($set->worth),
            'isProven' => $set->isProven,
        ];
    }

    /**
     * @param  Collection<int, Tool>  $tools
     * @return list<array<string, mixed>>
     */
    private static function names(Collection $tools): array
    {
        return array_values(
            $tools
                ->map(
                    static fn (Tool $tool): array => [
                        'id' => $tool->id,
                        'version' => $tool->version,
                        'name' => $tool->name,
                        'to' => $tool->lent_to,
                        'since' => $tool->lent_on ?? $tool->away_on,
                        'askOn' => $tool->ask_on,
                    ],
                )
                ->all(),
        );
    }

    /** @return array<string, mixed> */
    private static function purchase(Tool $tool, IdleOfBench $idle): array
    {
        $used = $idle->usedFor($tool);

        return [
            'id' => $tool->id,
            'name' => $tool->name,
            'boughtFor' => $tool->bought_for,
            'usedFor' => $used === [] ? $idle->idleness($tool)->sentence() : 'Used for: '.implode(', ', $used).'.',
        ];
    }

    /** @return array{says: string, why: string} */
    private static function next(RedundantSet $set, int $idle): array
    {
        $count = count($set->tools);

        return match (true) {
            $count === 0 => [
                'says' => 'Keep all of them: each is needed.',
                'why' => 'Without any one of them some chosen work would be done worse.',
            ],
            default => [
                'says' => ($count === 1 ? 'One tool' : "$count tools").
                    ' could go, worth '.
                    Money::plain($set->worth).
                    ', and nothing would be lost.',
                'why' => ($idle === 0
                        ? 'None of the kit stands idle'
                        : ($idle === 1
                            ? 'One of the kit stands idle'
                            : "$idle of the kit stand idle")).
                    '. No larger set loses nothing for the chosen works; what keeps edges sharp stays.',
            ],
        };
    }
}
