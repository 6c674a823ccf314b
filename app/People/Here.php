<?php

declare(strict_types=1);

namespace App\People;

use App\Bench\Bench;
use App\Bench\User;
use App\Http\InTerminal;
use Illuminate\Http\Request;

/** Whose request this is, at which bench, and what they may do there. */
final readonly class Here
{
    private function __construct(
        public User $user,
        public Bench $bench,
        public Role $role,
        public ?SignIn $signIn = null,
    ) {
    }

    /** One machine, one user, no password. */
    public static function alone(): self
    {
        $user = User::query()->with('bench')->first();
        if ($user === null) {
            abort(503, 'There is no bench yet. Run '.InTerminal::command('start').', which lays the demo bench.');
        }

        return new self($user, $user->bench, Role::Owner);
    }

    /** In a shared shop: who is signed in, at a bench that is theirs. */
    public static function signedIn(Request $request): self
    {
        $signIn = SignIn::of($request) ?? abort(401, 'Sign in first.');
        $place = self::place($signIn);

        return new self($signIn->user, $place->bench, $place->role, $signIn);
    }

    /** The bench they stand at; else the first that is theirs. A paired phone knows one alone. */
    private static function place(SignIn $signIn): Membership
    {
        $places = Membership::query()->where('user_id', $signIn->user_id)->with('bench')->orderBy('id')->get();
        $at = $signIn->bench_id ?? $signIn->user->bench_id;
        $place = $places->firstWhere('bench_id', $at) ?? ($signIn->bench_id === null ? $places->first() : null);

        return $place ?? abort(403, 'You have no place at a bench here any more. Ask an owner to invite you.');
    }

    /** The same at another bench, or after a role was changed. */
    public function at(Bench $bench): self
    {
        $role = Shop::isShared() ? Membership::roleOf($this->user, $bench) ?? Role::Reader : Role::Owner;

        return new self($this->user, $bench, $role, $this->signIn);
    }

    /** Stops what this person may not do. */
    public function allow(Rule $rule): void
    {
        if (! $this->role->may($rule)) {
            abort(403, $this->role->refusal());
        }
        if ($this->signIn?->bench_id !== null && in_array($rule, [Rule::Own, Rule::Account], true)) {
            abort(403, 'A paired phone may not do that. Sign in with your name and password.');
        }
    }
}
