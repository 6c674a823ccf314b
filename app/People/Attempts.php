<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * How often somebody tried in vain: after a few times each further try waits twice as long as the one before. Counted
 * by the name that is tried and by where it comes from, before anything is compared, so that many at once count, too.
 */
final class Attempts
{
    private const FREE = 5;

    /** Whole shops come from one address. */
    private const FREE_FROM_ADDRESS = 30;

    private const LONGEST_SECONDS = 900;

    /** Vain tries are forgotten after a day. */
    private const KEPT_SECONDS = 86_400;

    /**
     * Counts a try.
     *
     * @throws TooMany when it is not yet time
     */
    public static function count(string $name, string $address): void
    {
        DB::transaction(static function () use ($name, $address): void {
            $now = Carbon::now()->getTimestamp();
            // A write first: SQLite then holds the write lock.
            DB::table('attempts')->where('tried_at', '<', $now - self::KEPT_SECONDS)->delete();
            foreach (self::keys($name, $address) as $key => $free) {
                $wait = self::kept($key, 'waits_until') - $now;
                if ($wait > 0) {
                    throw new TooMany($wait);
                }
                $count = self::kept($key, 'count') + 1;
                DB::table('attempts')->updateOrInsert(['key' => $key], [
                    'count' => $count,
                    'tried_at' => $now,
                    'waits_until' => $now + self::waits($count - $free),
                ]);
            }
        });
    }

    private static function kept(string $key, string $column): int
    {
        $value = DB::table('attempts')->where('key', $key)->value($column);

        return is_numeric($value) ? (int) $value : 0;
    }

    /**
     * It was the right one: its name starts anew. Where it came from takes back this one try alone, or whoever has an
     * account could try all the others in between; and a whole shop that comes from one address waits for nobody.
     */
    public static function forget(string $name, ?string $address = null): void
    {
        DB::table('attempts')->where('key', self::key('name', $name))->delete();
        if ($address === null) {
            return;
        }
        DB::table('attempts')->where('key', self::key('address', $address))->where('count', '>', 0)->decrement(
            'count',
            1,
            ['waits_until' => 0],
        );
    }

    /** Seconds to wait after so many tries too many. */
    public static function waits(int $over): int
    {
        return $over <= 0 ? 0 : (int) min(self::LONGEST_SECONDS, 2 ** min($over, 20));
    }

    /** @return array<string, int> how many are free, by key */
    private static function keys(string $name, string $address): array
    {
        return [
            self::key('name', $name) => self::FREE,
            self::key('address', $address) => self::FREE_FROM_ADDRESS,
        ];
    }

    private static function key(string $of, string $what): string
    {
        return $of.' '.hash('xxh128', $what);
    }
}
