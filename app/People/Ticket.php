<?php

declare(strict_types=1);

namespace App\People;

use App\Bench\Bench;
use App\Bench\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that works once and not for long: an invitation, the pairing of a phone, a new password.
 *
 * @property int $id
 * @property TicketKind $kind
 * @property string $key_hash
 * @property int|null $bench_id
 * @property Role|null $role
 * @property int|null $user_id whom it signs in; null: whoever comes
 * @property int|null $sign_in_id the device that handed it out, with which it ends; null: the terminal
 * @property string $ends_at
 * @property string|null $used_at
 */
final class Ticket extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => TicketKind::class, 'role' => Role::class];
    }

    /** @return array{self, string} it and its key, which is told this once */
    public static function hand(
        TicketKind $kind,
        ?Bench $bench = null,
        ?Role $role = null,
        ?User $user = null,
        ?SignIn $by = null,
    ): array {
        $secret = Secret::make();
        $ticket = self::query()->create([
            'kind' => $kind,
            'key_hash' => $secret->hash,
            'bench_id' => $bench?->id,
            'role' => $role,
            'user_id' => $user?->id,
            'sign_in_id' => $by?->id,
            'ends_at' => Carbon::now()->addMinutes($kind->minutes())->toIso8601ZuluString(),
        ]);

        return [$ticket, $secret->key];
    }

    /** @return Builder<self> those that can still be taken */
    public static function open(): Builder
    {
        return self::query()->whereNull('used_at')->where('ends_at', '>', Carbon::now()->toIso8601ZuluString());
    }

    /**
     * Looks at one without taking it.
     *
     * @param  non-empty-list<TicketKind>  $kinds
     */
    public static function see(string $key, array $kinds): ?self
    {
        return self::open()->where('key_hash', (new Secret($key))->hash)->whereIn('kind', $kinds)->first();
    }

    /** What signs somebody in, or takes a password for them, was handed out for the password they had. */
    public static function withdrawOf(User $user): void
    {
        self::query()->where('user_id', $user->id)->delete();
    }

    /** Nobody can take it any more. */
    public function withdraw(): void
    {
        $this->delete();
    }

    /** Takes it; false: somebody else did meanwhile. */
    public function take(): bool
    {
        return self::open()->whereKey($this->id)->update(['used_at' => Carbon::now()->toIso8601ZuluString()]) === 1;
    }
}
