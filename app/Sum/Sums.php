<?php

declare(strict_types=1);

namespace App\Sum;

use App\Bench\Bench;
use Illuminate\Support\Facades\DB;

/** The sums of a bench: kept when something is written, and read by the pages. */
final readonly class Sums
{
    /** @param  list<Sum>  $all  each known to the room it is about */
    public function __construct(public array $all)
    {
    }

    /**
     * @return array<int, array<array-key, mixed>> by subject; what is not kept is made for this answer
     */
    public static function of(Sum $sum, Bench $bench): array
    {
        $subjects = self::ids($sum, $bench);
        $kept = [];
        foreach (self::kept($sum, $bench) as $id => $json) {
            $value = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
            assert(is_array($value));
            $kept[$id] = $value;
        }
        $missing = array_values(array_diff($subjects, array_keys($kept)));

        return $missing === [] ? $kept : $kept + $sum->made($bench, $missing);
    }

    /** Makes what was struck out; inside the transaction that struck it. */
    public function renew(Bench $bench): void
    {
        foreach ($this->all as $sum) {
            $missing = array_values(
                array_diff(self::ids($sum, $bench), array_keys(self::kept($sum, $bench, 'subject_id'))),
            );
            $made = $missing === [] ? [] : $sum->made($bench, $missing);
            foreach ($made as $id => $value) {
                DB::table('sums')->insert([
                    'what' => $sum->name(),
                    'subject_id' => $id,
                    'value' => json_encode($value, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                ]);
            }
        }
    }

    public function renewAll(): void
    {
        DB::transaction(fn () => Bench::query()->each($this->renew(...)));
    }

    /** @return array<int, string> JSON by subject */
    private static function kept(Sum $sum, Bench $bench, string $column = 'value'): array
    {
        /** @var array<int, string> $kept */
        $kept = DB::table('sums')
            ->where('what', $sum->name())
            ->whereIn('subject_id', $sum->subjects($bench))
            ->pluck($column, 'subject_id')
            ->all();

        return $kept;
    }

    /** @return list<int> */
    private static function ids(Sum $sum, Bench $bench): array
    {
        return array_map(
            static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0,
            array_values($sum->subjects($bench)->pluck('id')->all()),
        );
    }
}
