<?php

declare(strict_types=1);

namespace App\People;

use App\Bench\Bench;
use App\Bench\User;
use App\Http\InTerminal;
use App\People\Answer\DeviceAnswer;
use App\People\Answer\HandedAnswer;
use App\People\Answer\InvitationAnswer;
use App\People\Answer\MemberAnswer;
use App\People\Answer\PeopleAnswer;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;

/** Who is at a bench, who is invited, and on what somebody is signed in. */
final class PeopleController
{
    public function index(Here $here): PeopleAnswer
    {
        $members = Membership::query()->where('bench_id', $here->bench->id)->with('user')->orderBy('id')->get();
        $devices = SignIn::query()->where('user_id', $here->user->id)->latest('seen_at')->get();

        return new PeopleAnswer(
            isOwner: $here->role === Role::Owner,
            members: array_values($members->map(static fn (Membership $one): MemberAnswer => new MemberAnswer(
                id: $one->id,
                name: $one->user->name,
                role: $one->role,
                says: $one->role->says(),
                isYou: $one->user_id === $here->user->id,
            ))->all()),
            invitations: $here->role === Role::Owner ? self::invitations($here->bench) : [],
            devices: array_values($devices->map(static fn (SignIn $one): DeviceAnswer => new DeviceAnswer(
                id: $one->id,
                device: $one->device,
                seen: Carbon::parse($one->seen_at)->diffForHumans(),
                only: $one->bench_id === null ? '' : 'this bench alone',
                isThis: $one->id === $here->signIn?->id,
            ))->all()),
        );
    }

    /** @return list<InvitationAnswer> */
    private static function invitations(Bench $bench): array
    {
        $open = Ticket::open()->where('kind', TicketKind::Invitation)->where('bench_id', $bench->id)->latest('id');

        return array_values($open->get()->map(static fn (Ticket $one): InvitationAnswer => new InvitationAnswer(
            id: $one->id,
            role: $one->role->value ?? '',
            until: Carbon::parse($one->ends_at)->format('j F, H:i'),
        ))->all());
    }

    /** An invitation that works once; its address is told this once. */
    public function invite(InviteRequest $request, Here $here): HandedAnswer
    {
        [$ticket, $key] = Ticket::hand(TicketKind::Invitation, $here->bench, $request->role());

        return self::handed($ticket, $key);
    }

    public function uninvite(string $ticket, Here $here): PeopleAnswer
    {
        Ticket::open()->where('bench_id', $here->bench->id)->where('kind', TicketKind::Invitation)
            ->findOrFail($ticket)->withdraw();

        return $this->index($here);
    }

    /** Another role. A bench is never without an owner. */
    public function update(InviteRequest $request, string $membership, Here $here): PeopleAnswer
    {
        self::member($membership, $here)->become($request->role());

        return $this->index($here->at($here->bench));
    }

    /** Away from this bench; the account stays, and what was written stays written. */
    public function remove(string $membership, Here $here): PeopleAnswer
    {
        self::member($membership, $here)->end();

        return $this->index($here);
    }

    /** For who forgot the password: an address that takes a new one, once. */
    public function recover(string $membership, Here $here): HandedAnswer
    {
        $user = self::member($membership, $here)->user;
        if (! Membership::ownsAllOf($here->user, $user)) {
            throw InvalidInput::because('', "{$user->name} is at other benches, too. On the machine that serves them: ".
                InTerminal::command('account NAME'));
        }
        [$ticket, $key] = Ticket::hand(TicketKind::Recovery, user: $user, by: $here->signIn);

        return self::handed($ticket, $key);
    }

    /** A code for one's own phone: this bench, once, within two minutes. */
    public function pair(Here $here): HandedAnswer
    {
        [$ticket, $key] = Ticket::hand(TicketKind::Pairing, $here->bench, user: $here->user, by: $here->signIn);

        return self::handed($ticket, $key);
    }

    /** Ends the sign-in of one of one's own devices. */
    public function endDevice(string $signIn, Here $here): PeopleAnswer
    {
        SignIn::query()->where('user_id', $here->user->id)->findOrFail($signIn)->end();

        return $this->index($here);
    }

    public function changePassword(ChangePasswordRequest $request, Here $here): PeopleAnswer
    {
        self::proved($here->user, $request->current(), $request);
        Person::changePassword($here->user, $request->password(), $here->signIn);

        return $this->index($here);
    }

    /** One's account and its places; what was written stays written, under the name. */
    public function leave(LeaveRequest $request, Here $here): PeopleAnswer
    {
        self::proved($here->user, $request->current(), $request);
        $people = $this->index($here);
        Person::goes($here->user);

        return $people;
    }

    private static function proved(User $user, string $old, Request $request): void
    {
        Attempts::count((string) $user->login, (string) $request->ip());
        if (! Password::fits($old, $user->password)) {
            throw InvalidInput::because('current', 'That is not your password.');
        }
        Attempts::forget((string) $user->login, (string) $request->ip());
    }

    private static function member(string $id, Here $here): Membership
    {
        return Membership::query()->where('bench_id', $here->bench->id)->with('user')->findOrFail($id);
    }

    private static function handed(Ticket $ticket, string $key): HandedAnswer
    {
        return new HandedAnswer(
            // Behind the #, so that no log on the way keeps it.
            address: url($ticket->kind->path()).'#'.$key,
            until: Carbon::parse($ticket->ends_at)->format('j F, H:i'),
            minutes: $ticket->kind->minutes(),
        );
    }
}
