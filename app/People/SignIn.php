<?php

declare(strict_types=1);

namespace App\People;

use App\Bench\Bench;
use App\Bench\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\Cookie;

/**
 * A device on which somebody is signed in. Its key lies in a cookie that no script can read; ended here, that cookie
 * opens nothing any more.
 *
 * @property int $id
 * @property int $user_id
 * @property string $key_hash
 * @property string $device as its browser calls itself
 * @property int|null $bench_id the one bench it was paired with; null: every bench of its user
 * @property string $seen_at
 * @property string $ends_at
 * @property User $user
 */
final class SignIn extends Model
{
    public const COOKIE = 'jackrest_sign_in';

    /** Not seen for so long, it has to sign in again; common practice. */
    private const DAYS = 30;

    /** Written no more often: a page asks several times a second. */
    private const SECONDS = 60;

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** The cookie of a new one. */
    public static function begin(User $user, Request $request, ?Bench $only = null): Cookie
    {
        $secret = Secret::make();
        self::query()->where('ends_at', '<', self::now())->delete();
        self::query()->create([
            'user_id' => $user->id,
            'key_hash' => $secret->hash,
            'device' => Device::called((string) $request->userAgent()),
            'bench_id' => $only?->id,
            'seen_at' => self::now(),
            'ends_at' => self::lasts(),
        ]);

        return self::cookie($secret->key, self::DAYS * 1440);
    }

    public static function of(Request $request): ?self
    {
        $key = $request->cookie(self::COOKIE);
        if (! is_string($key) || $key === '') {
            return null;
        }
        $found = self::query()
            ->with('user')
            ->where('key_hash', (new Secret($key))->hash)
            ->where('ends_at', '>', self::now())
            ->first();
        if ($found !== null && Carbon::parse($found->seen_at)->diffInSeconds(Carbon::now()) > self::SECONDS) {
            $found->fill(['seen_at' => self::now(), 'ends_at' => self::lasts()])->save();
        }

        return $found;
    }

    /** Its cookie opens nothing any more. */
    public function end(): void
    {
        $this->delete();
    }

    public static function noCookie(): Cookie
    {
        return self::cookie('', -60);
    }

    private static function cookie(string $key, int $minutes): Cookie
    {
        return cookie(self::COOKIE, $key, $minutes, '/', null, true, true, false, 'strict');
    }

    private static function now(): string
    {
        return Carbon::now()->toIso8601ZuluString();
    }

    private static function lasts(): string
    {
        return Carbon::now()->addDays(self::DAYS)->toIso8601ZuluString();
    }
}
