<?php

declare(strict_types=1);

namespace App\People;

use App\Bench\Bench;
use App\Bench\User;
use Illuminate\Support\Facades\DB;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthUnit;

/** Accounts: made by a ticket, changed by whoever they are of. */
final class Person
{
    /** @throws InvalidInput when the name is taken, or looks as if it were, or the password is too weak */
    public static function checked(string $name, string $password, ?User $self = null): void
    {
        foreach (User::query()->whereNotNull('login')->get(['id', 'login', 'name']) as $other) {
            if ($other->id !== $self?->id && LookAlike::are($name, $other->name)) {
                throw InvalidInput::because('name', $other->login === mb_strtolower($name)
                    ? 'Somebody here has that name already.'
                    : 'That looks like the name of somebody here. Choose another.');
            }
        }
        self::checkedPassword($password, $name);
    }

    /** @throws InvalidInput when it is too weak */
    public static function checkedPassword(string $password, string $name): void
    {
        $fault = Password::fault($password, $name);
        if ($fault !== null) {
            throw InvalidInput::because('password', $fault);
        }
    }

    /** An account, and its place at the bench of the ticket; the first owner takes over what was here without one. */
    public static function joins(Ticket $ticket, string $name, string $password): User
    {
        self::checked($name, $password);
        $columns = ['name' => $name, 'login' => mb_strtolower($name), 'password' => Password::hash($password)];

        return DB::transaction(static function () use ($ticket, $columns): User {
            if (! $ticket->take()) {
                throw InvalidInput::because('key', self::USED);
            }
            if ($ticket->kind === TicketKind::Owner) {
                return self::firstOwner($columns);
            }
            $bench = Bench::query()->findOrFail($ticket->bench_id);
            $user = User::query()->create([
                ...$columns,
                'bench_id' => $bench->id,
                'unit' => LengthUnit::Millimetre,
                'ground' => 'system',
            ]);
            Membership::give($user, $bench, $ticket->role ?? Role::Reader);

            return $user;
        });
    }

    public const USED = 'This was used already, or is too old. Ask for a new one.';

    /** @param  array<string, string>  $columns */
    private static function firstOwner(array $columns): User
    {
        $user = User::query()->whereNull('login')->firstOrFail();
        $user->fill($columns)->save();
        Bench::inUse()->each(static fn (Bench $bench): Membership => Membership::give($user, $bench, Role::Owner));

        return $user;
    }

    /** A new password; every other device is signed out, and what was handed out before signs nobody in. */
    public static function changePassword(User $user, string $password, ?SignIn $but = null): void
    {
        self::checkedPassword($password, $user->name);
        DB::transaction(static function () use ($user, $password, $but): void {
            $user->fill(['password' => Password::hash($password)])->save();
            $others = SignIn::query()->where('user_id', $user->id);
            if ($but !== null) {
                $others->whereKeyNot($but->id);
            }
            $others->delete();
            Ticket::withdrawOf($user);
        });
    }

    /**
     * The account, its places and its devices; what it wrote stays written, under its name.
     *
     * @throws InvalidInput when a bench would be without an owner
     */
    public static function goes(User $user): void
    {
        DB::transaction(static function () use ($user): void {
            foreach (Membership::query()->where('user_id', $user->id)->with('bench')->get() as $place) {
                if ($place->isLastOwner()) {
                    throw InvalidInput::because(
                        'current',
                        "You alone own “{$place->bench->name}”: make another person owner first.",
                    );
                }
            }
            $user->delete();
        });
    }

    /** Whether a shop has an account at all: before, the first owner is to be made. */
    public static function isAny(): bool
    {
        return User::query()->whereNotNull('login')->exists();
    }
}
