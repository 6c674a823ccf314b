<?php

declare(strict_types=1);

namespace App\People;

use App\Bench\Bench;
use App\Bench\User;
use App\People\Answer\TicketAnswer;
use App\People\Answer\WelcomeAnswer;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\DB;
use JackRest\Core\Calculation\InvalidInput;

/** Through the door: signing in and out, and what a ticket opens. */
final class SignInController
{
    private const WRONG = 'That name and password do not go together.';

    /** Signs in by name and password. */
    public function store(SignInRequest $request): WelcomeAnswer
    {
        return self::welcome($this->known($request->name(), $request->password(), $request), $request);
    }

    /** What a ticket is for, before it is taken. */
    public function ticket(KeyRequest $request): TicketAnswer
    {
        $ticket = Ticket::see($request->key(), TicketKind::cases()) ?? self::used();

        return new TicketAnswer(
            kind: $ticket->kind,
            bench: $ticket->bench_id === null ? '' : Bench::query()->findOrFail($ticket->bench_id)->name,
            role: $ticket->role?->says() ?? '',
        );
    }

    /** An invitation: by an account that is made, or one that there is. */
    public function join(JoinRequest $request): WelcomeAnswer
    {
        $ticket = Ticket::see($request->key(), [TicketKind::Owner, TicketKind::Invitation]) ?? self::used();
        if (! $request->isKnown() || $ticket->kind === TicketKind::Owner) {
            return self::welcome(Person::joins($ticket, $request->name(), $request->password()), $request);
        }
        $user = $this->known($request->name(), $request->password(), $request);
        DB::transaction(static function () use ($ticket, $user): void {
            $bench = Bench::query()->findOrFail($ticket->bench_id);
            $ticket->take() || self::used();
            // Whoever is here already loses nothing by a smaller invitation.
            if (Membership::roleOf($user, $bench) === null) {
                Membership::give($user, $bench, $ticket->role ?? Role::Reader);
            }
            $user->standAt($bench);
        });

        return self::welcome($user, $request);
    }

    /** A phone that read the code of a screen: signed in for that one bench. */
    public function pair(KeyRequest $request): WelcomeAnswer
    {
        $ticket = Ticket::see($request->key(), [TicketKind::Pairing]) ?? self::used();
        $ticket->take() || self::used();

        return self::welcome(
            User::query()->findOrFail($ticket->user_id),
            $request,
            Bench::query()->findOrFail($ticket->bench_id),
        );
    }

    /** A new password by a ticket of the owner, or of whoever has the machine. */
    public function recover(RecoverRequest $request): WelcomeAnswer
    {
        $ticket = Ticket::see($request->key(), [TicketKind::Recovery]) ?? self::used();
        $user = User::query()->findOrFail($ticket->user_id);
        Person::checkedPassword($request->password(), $user->name);
        $ticket->take() || self::used();
        Person::changePassword($user, $request->password());
        Attempts::forget((string) $user->login);

        return self::welcome($user, $request);
    }

    /** Out again: this device's cookie opens nothing any more. */
    public function destroy(Here $here): WelcomeAnswer
    {
        $here->signIn?->end();
        Cookie::queue(SignIn::noCookie());

        return new WelcomeAnswer(name: $here->user->name);
    }

    private function known(string $name, string $password, Request $request): User
    {
        $login = mb_strtolower($name);
        $user = User::query()->where('login', $login)->first();
        $device = KnownDevice::of($request);
        $device = $device->knows($user) ? $device : null;
        Attempts::count($login, (string) $request->ip(), $device);
        if (! Password::fits($password, $user?->password) || $user === null) {
            throw InvalidInput::because('password', self::WRONG);
        }
        Attempts::forget($login, (string) $request->ip(), $device);

        return $user;
    }

    private static function welcome(User $user, Request $request, ?Bench $only = null): WelcomeAnswer
    {
        Cookie::queue(SignIn::begin($user, $request, $only));
        Cookie::queue(KnownDevice::of($request)->with($user));

        return new WelcomeAnswer(name: $user->name);
    }

    private static function used(): never
    {
        throw InvalidInput::because('key', Person::USED);
    }
}
