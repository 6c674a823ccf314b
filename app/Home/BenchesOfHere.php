<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use App\Home\Answer\BenchesAnswer;
use App\Home\Answer\ListedBenchAnswer;
use App\Ledger\DiaryEntry;
use App\People\Here;
use App\People\Membership;
use App\People\Shop;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use Illuminate\Database\Eloquent\Collection;

/** The benches that whoever asks can go to. */
final class BenchesOfHere
{
    /** The one they stand at first. */
    public static function answer(Here $here): BenchesAnswer
    {
        $at = $here->bench->id;

        return new BenchesAnswer(
            benches: array_values(
                self::of($here)
                    ->sortBy(static fn (Bench $bench): bool => $bench->id !== $at)
                    ->map(static fn (Bench $bench): ListedBenchAnswer => self::listed($bench, $at))
                    ->all(),
            ),
        );
    }

    /** @return Collection<int, Bench> all of this machine; in a shared shop theirs, on a paired phone that one */
    public static function of(Here $here): Collection
    {
        $benches = Bench::inUse()->orderBy('id');
        if (Shop::isShared()) {
            $benches->whereIn('id', Membership::query()->where('user_id', $here->user->id)->select('bench_id'));
        }
        if ($here->signIn?->bench_id !== null) {
            $benches->whereKey($here->signIn->bench_id);
        }

        return $benches->get();
    }

    private static function listed(Bench $bench, int $at): ListedBenchAnswer
    {
        return new ListedBenchAnswer(
            id: $bench->id,
            name: $bench->name,
            tools: Tool::of($bench)->where('status', ToolStatus::Owned)->count(),
            entries: DiaryEntry::of($bench)->count(),
            isHere: $bench->id === $at,
            justBrought: $bench->brought_revision === $bench->revision,
        );
    }
}
