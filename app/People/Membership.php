<?php

declare(strict_types=1);

namespace App\People;

use App\Bench\Bench;
use App\Bench\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\DB;
use JackRest\Core\Calculation\InvalidInput;

/**
 * Somebody at a bench.
 *
 * @property int $id
 * @property int $user_id
 * @property int $bench_id
 * @property Role $role
 * @property User $user
 * @property Bench $bench
 */
final class Membership extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'user_id' => 'integer', 'bench_id' => 'integer'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Bench, $this> */
    public function bench(): BelongsTo
    {
        return $this->belongsTo(Bench::class);
    }

    public static function roleOf(User $user, Bench $bench): ?Role
    {
        return self::query()->where('user_id', $user->id)->where('bench_id', $bench->id)->first()?->role;
    }

    public static function give(User $user, Bench $bench, Role $role): self
    {
        return self::query()->updateOrCreate(['user_id' => $user->id, 'bench_id' => $bench->id], ['role' => $role]);
    }

    /** An empty bench, with its owner at it. */
    public static function beginBench(User $user, string $name): Bench
    {
        return DB::transaction(static function () use ($user, $name): Bench {
            $bench = Bench::query()->create(['name' => $name]);
            self::give($user, $bench, Role::Owner);
            $user->standAt($bench);

            return $bench;
        });
    }

    public const OWNERLESS = 'Somebody has to own the bench: make another person owner first.';

    /** @throws InvalidInput when the bench would be without an owner */
    public function become(Role $role): void
    {
        DB::transaction(function () use ($role): void {
            if ($role !== Role::Owner && $this->isLastOwner()) {
                throw InvalidInput::because('role', self::OWNERLESS);
            }
            $this->fill(['role' => $role])->save();
        });
    }

    /**
     * Away from this bench; the account stays, and what was written stays written.
     *
     * @throws InvalidInput when the bench would be without an owner
     */
    public function end(): void
    {
        DB::transaction(function (): void {
            if ($this->isLastOwner()) {
                throw InvalidInput::because('role', self::OWNERLESS);
            }
            SignIn::query()->where('user_id', $this->user_id)->where('bench_id', $this->bench_id)->delete();
            $this->delete();
        });
    }

    /**
     * Whether an owner owns every bench that somebody has a place at: whoever can set a password anew is that person
     * everywhere.
     */
    public static function ownsAllOf(User $owner, User $user): bool
    {
        $owned = self::query()->where('user_id', $owner->id)->where('role', Role::Owner)->select('bench_id');

        return self::query()->where('user_id', $user->id)->whereNotIn('bench_id', $owned)->doesntExist();
    }

    /** Whether somebody is the only one who decides who is at a bench. */
    public function isLastOwner(): bool
    {
        return $this->role === Role::Owner && self::query()
            ->where('bench_id', $this->bench_id)
            ->where('role', Role::Owner)
            ->whereKeyNot($this->id)
            ->doesntExist();
    }
}
