<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * How often somebody tried in vain: after a few times each further try waits twice as long as the one before. Counted
 * by the name and the address together, by the address, and, for guesses that come from many, by the name – before
 * anything is compared, so that many at once count, too. A device that signed in with that name before is counted by
 * itself alone: nobody is locked out by what others try.
 */
final class Attempts
{
    private const FREE = 5;

    /** From all addresses together: honest people on new devices among them. */
    private const FREE_FOR_NAME = 50;

    /** Whole shops come from one address. */
    private const FREE_FROM_ADDRESS = 30;

    private const LONGEST_SECONDS = 900;

    /** Vain tries are forgotten after a day. */
    private const KEPT_SECONDS = 86_400;

    /**
     * Counts a try.
     *
     * @param  KnownDevice|null  $device  that signed in with this name before; null: none did
     *
     * @throws TooMany when it is not yet time
     */
    public static function count(string $name, string $address, ?KnownDevice $device = null): void
    {
        DB::transaction(static function () use ($name, $address, $device): void {
            $now = Carbon::now()->getTimestamp();
            // A write first: SQLite then holds the write lock.
            DB::table('attempts')->where('tried_at', '<', $now - self::KEPT_SECONDS)->delete();
            $keys = self::keys($name, $address, $device);
            $until = array_map(static fn (string $key): int => self::kept($key, 'waits_until'), array_keys($keys));
            $wait = max([0, ...$until]) - $now;
            if ($wait > 0) {
                throw new TooMany($wait);
            }
            foreach ($keys as $key => $free) {
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
    public static function forget(string $name, ?string $address = null, ?KnownDevice $device = null): void
    {
        DB::table('attempts')->where('key', self::key('name', $name))->delete();
        if ($address === null) {
            return;
        }
        DB::table('attempts')->where('key', self::key('both', "$name $address"))->delete();
        if ($device !== null) {
            DB::table('attempts')->where('key', self::key('device', "$device->id $name"))->delete();
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
    private static function keys(string $name, string $address, ?KnownDevice $device): array
    {
        return $device !== null ? [self::key('device', "$device->id $name") => self::FREE] : [
            self::key('both', "$name $address") => self::FREE,
            self::key('address', $address) => self::FREE_FROM_ADDRESS,
            self::key('name', $name) => self::FREE_FOR_NAME,
        ];
    }

    private static function key(string $of, string $what): string
    {
        return $of.' '.hash('xxh128', $what);
    }
}
