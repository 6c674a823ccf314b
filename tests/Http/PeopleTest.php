<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Bench\Bench;
use App\Bench\User;
use App\Ledger\DiaryEntry;
use App\People\Attempts;
use App\People\KnownDevice;
use App\People\LookAlike;
use App\People\Membership;
use App\People\Password;
use App\People\Role;
use App\People\Rule;
use App\People\Shop;
use App\People\Ticket;
use App\People\TicketKind;
use App\People\TooMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** A shared shop: who comes in, what a ticket opens, how devices are ended. */
final class PeopleTest extends PeopleTestCase
{
    public function test_on_one_machine_there_is_no_door(): void
    {
        Shop::suppose(false);
        $this->ask('GET', '/api/bench')->assertOk();
        $this->json('GET', '/api/people')->assertNotFound();
        $this->json('POST', '/api/sign-in', ['name' => 'hazel', 'password' => self::PASSWORD])->assertNotFound();
        self::assertSame('', $this->ask('GET', '/api/pulse')->json('person'));
    }

    public function test_by_name_and_password_and_out_again(): void
    {
        $this->ask('GET', '/api/bench')->assertUnauthorized();
        $key = $this->signsIn('HAZEL');
        $this->ask('GET', '/api/pulse')->assertJsonPath('person', 'Hazel')->assertJsonPath('mayRecord', true);
        $this->ask('DELETE', '/api/sign-in')->assertOk();
        // A cookie that was stolen before ends with its sign-in.
        $this->on($key);
        $this->ask('GET', '/api/bench')->assertUnauthorized();
    }

    /** Only a certificate of one's own is promised to browsers for long: the shop's authority they may not know yet. */
    public function test_browsers_keep_to_https_with_a_certificate_of_ones_own(): void
    {
        self::assertFalse($this->get('/sign-in')->headers->has('Strict-Transport-Security'));
        $_SERVER['JACKREST_OWN_CERTIFICATE'] = '1';
        try {
            $this->get('/sign-in')->assertHeader('Strict-Transport-Security', 'max-age=31536000');
        } finally {
            unset($_SERVER['JACKREST_OWN_CERTIFICATE']);
        }
    }

    public function test_what_is_written_says_by_whom(): void
    {
        self::person('Rowan', Role::Member);
        $this->signsIn('rowan');
        $this->ask('POST', self::referencePath('200 mm try square').'/drops', ['version' => 1])->assertOk();
        self::assertSame('Rowan', DiaryEntry::query()->latest('id')->firstOrFail()->written_by);
        $this->ask('GET', '/api/diary')->assertJsonPath('entries.0.by', 'Rowan');
        // An account goes, what it wrote stays as it was written.
        $this->ask('DELETE', '/api/account', ['current' => self::PASSWORD])->assertOk();
        $this->ask('GET', '/api/bench')->assertUnauthorized();
        $this->signsIn('hazel');
        $this->ask('GET', '/api/diary')->assertJsonPath('entries.0.by', 'Rowan');
    }

    /** Each try too many waits twice as long as the one before; the right password does not help meanwhile. */
    public function test_guessing_is_slowed_down(): void
    {
        Carbon::setTestNow('2026-11-02 09:00:00');
        self::person('Rowan', Role::Member);
        for ($try = 0; $try < 5; $try++) {
            $this->ask('POST', '/api/sign-in', ['name' => 'rowan', 'password' => "wrong $try"])->assertStatus(422);
        }
        $this->ask('POST', '/api/sign-in', ['name' => 'rowan', 'password' => 'wrong'])->assertStatus(422);
        $refused = $this->ask('POST', '/api/sign-in', ['name' => 'rowan', 'password' => self::PASSWORD]);
        $refused->assertStatus(429)->assertHeader('Retry-After', '2');
        self::assertSame('Tried too often. Try again in 2 seconds.', $refused->json('errors.0.message'));
        $this->ask('POST', '/api/sign-in', ['name' => 'hazel', 'password' => self::PASSWORD])->assertOk();
        Carbon::setTestNow('2026-11-02 09:00:03');
        $this->ask('POST', '/api/sign-in', ['name' => 'rowan', 'password' => self::PASSWORD])->assertOk();
        $waits = array_map(Attempts::waits(...), range(-3, 30));
        self::assertSame([0, 0, 0, 0, 2, 4, 8], array_slice($waits, 0, 7));
        self::assertSame(900, max($waits));
        // A day's guesses at one name at this pace: fewer than a hundred.
        $seconds = $guesses = 0;
        while ($seconds < 86_400) {
            $seconds += Attempts::waits(++$guesses - 5);
        }
        self::assertLessThan(120, $guesses);
    }

    /** As long as somebody guesses at her name, from one address or from many, Hazel signs in where she did before. */
    public function test_guessing_keeps_nobody_waiting_who_signed_in_there_before(): void
    {
        Carbon::setTestNow('2026-11-02 09:00:00');
        $this->signedOut();
        $first = $this->ask('POST', '/api/sign-in', ['name' => 'hazel', 'password' => self::PASSWORD])->assertOk();
        $device = (string) $first->getCookie(KnownDevice::COOKIE)?->getValue();
        for ($guess = 0; $guess < 60; $guess++) {
            try {
                Attempts::count('hazel', '192.0.2.'.$guess % 20);
            } catch (TooMany) {
            }
        }
        for ($guess = 0; $guess < 8; $guess++) {
            $this->ask('POST', '/api/sign-in', ['name' => 'hazel', 'password' => "wrong $guess"]);
        }
        $right = ['name' => 'hazel', 'password' => self::PASSWORD];
        $this->ask('POST', '/api/sign-in', $right)->assertStatus(429);
        $this->defaultCookies[KnownDevice::COOKIE] = $device;
        $this->withCredentials();
        $this->ask('POST', '/api/sign-in', $right)->assertOk();
        // It is let through, and no further than any other: its own guesses wait, too; another name knows it not.
        for ($guess = 0; $guess < 6; $guess++) {
            $this->ask('POST', '/api/sign-in', ['name' => 'hazel', 'password' => "wrong $guess"])->assertStatus(422);
        }
        $this->ask('POST', '/api/sign-in', $right)->assertStatus(429);
        self::person('Rowan', Role::Member);
        self::assertFalse(KnownDevice::of(request())->knows(User::query()->where('login', 'rowan')->first()));
    }

    /** One address cannot slow down the name everywhere. */
    public function test_a_few_guesses_from_elsewhere_keep_nobody_waiting(): void
    {
        for ($try = 0; $try < 8; $try++) {
            try {
                Attempts::count('hazel', '198.51.100.7');
            } catch (TooMany) {
            }
        }
        $this->signsIn('hazel');
    }

    /** Fifty people come from one address; somebody who guesses from there is slowed all the same. */
    public function test_a_whole_shop_comes_from_one_address(): void
    {
        Carbon::setTestNow('2026-11-02 09:00:00');
        for ($person = 0; $person < 50; $person++) {
            Attempts::count("person $person", '192.0.2.9');
            Attempts::forget("person $person", '192.0.2.9');
        }
        for ($try = 0; $try < 31; $try++) {
            Attempts::count("somebody $try", '192.0.2.9');
            // One's own account in between opens no other.
            Attempts::count('mine', '192.0.2.9');
            Attempts::forget('mine', '192.0.2.9');
            if ($try === 29) {
                $this->expectException(TooMany::class);
            }
        }
        self::fail('Thirty-one names were tried from one address, and nobody waited.');
    }

    /** Another script's letters make no second Hazel. */
    public function test_a_name_that_looks_like_another_is_refused(): void
    {
        $this->signsIn('hazel');
        foreach (['Hаzel', 'НAZEL', 'haze1', 'Ηazel'] as $name) {
            $key = $this->invited('member');
            $this->ask('POST', '/api/join', [
                'key' => $key, 'name' => $name, 'password' => 'six tall elms fell', 'isKnown' => false,
            ])->assertStatus(422)->assertJsonPath('errors.0.field', 'name');
        }
        self::assertFalse(LookAlike::are('Hazel', 'Hazels'));
        self::assertFalse(LookAlike::are('Rowan', 'Rowena'));
    }

    public function test_an_invitation_works_once_and_not_for_long(): void
    {
        Carbon::setTestNow('2026-11-02 09:00:00');
        $this->signsIn('hazel');
        $key = $this->invited('member');
        $this->signedOut();
        $this->ask('POST', '/api/ticket', ['key' => $key])->assertOk()->assertJsonPath('bench', self::bench()->name);
        $rowan = ['key' => $key, 'name' => 'Rowan', 'password' => 'nine slow wasps turn', 'isKnown' => false];
        foreach (['short one' => 'password', str_repeat('ab', 8) => 'password', 'password12345' => 'password',
            'rowan and his dog' => 'password'] as $weak => $field) {
            $this->ask('POST', '/api/join', [...$rowan, 'password' => $weak])->assertStatus(422)
                ->assertJsonPath('errors.0.field', $field);
        }
        $this->ask('POST', '/api/join', [...$rowan, 'name' => 'hazel'])->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'name');
        $this->entered($this->ask('POST', '/api/join', $rowan)->assertOk());
        $this->ask('GET', '/api/bench')->assertOk();
        $this->ask('POST', '/api/join', [...$rowan, 'name' => 'Ilex'])->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'key');
        $this->signsIn('hazel');
        $late = $this->invited('reader');
        self::assertCount(1, $this->ask('GET', '/api/people')->json('invitations'));
        Carbon::setTestNow('2026-11-05 09:00:01');
        $this->signedOut();
        $this->ask('POST', '/api/join', [...$rowan, 'key' => $late, 'name' => 'Ilex'])->assertStatus(422);
        self::assertFalse(User::query()->where('login', 'ilex')->exists());
    }

    public function test_who_has_an_account_joins_another_bench_with_it(): void
    {
        $other = Bench::query()->create(['name' => 'the other shed']);
        self::person('Rowan', Role::Owner, $other);
        $this->signsIn('rowan');
        $key = $this->invited('reader');
        $this->signedOut();
        $hazel = ['key' => $key, 'name' => 'hazel', 'password' => 'not the right one', 'isKnown' => true];
        $this->ask('POST', '/api/join', $hazel)->assertStatus(422)->assertJsonPath('errors.0.field', 'password');
        $this->entered($this->ask('POST', '/api/join', [...$hazel, 'password' => self::PASSWORD])->assertOk());
        self::assertSame('the other shed', $this->ask('GET', '/api/pulse')->json('bench'));
        self::assertFalse($this->ask('GET', '/api/pulse')->json('mayRecord'));
        $this->ask('POST', '/api/benches/'.self::bench()->id.'/enter')->assertOk();
        self::assertTrue($this->ask('GET', '/api/pulse')->json('mayRecord'));
    }

    /** A phone reads the code of a screen: that bench alone, once, within two minutes. */
    public function test_a_phone_is_paired_with_one_bench(): void
    {
        Carbon::setTestNow('2026-11-02 09:00:00');
        $other = Bench::query()->create(['name' => 'the other shed']);
        Membership::give(User::query()->firstOrFail(), $other, Role::Owner);
        $this->signsIn('hazel');
        $key = self::keyOf($this->ask('POST', '/api/pairings')->assertOk()->json('address'));
        $this->signedOut();
        $phone = $this->entered($this->withHeader('User-Agent', 'Something (Linux; Mobile)')
            ->ask('POST', '/api/pair', ['key' => $key])->assertOk());
        $this->ask('POST', '/api/pair', ['key' => $key])->assertStatus(422);
        self::assertSame(self::bench()->name, $this->ask('GET', '/api/pulse')->json('bench'));
        $this->ask('POST', "/api/benches/$other->id/enter")->assertNotFound();
        $this->ask('POST', '/api/benches', ['name' => 'a third'])->assertForbidden();
        $this->ask('GET', '/api/pulse')->assertJsonPath('bench', self::bench()->name);
        $this->signsIn('hazel');
        $devices = $this->ask('GET', '/api/people')->json('devices');
        $paired = array_values(array_filter($devices, static fn (array $one): bool => $one['only'] !== ''))[0];
        self::assertSame('phone', $paired['device']);
        $this->ask('DELETE', "/api/sign-ins/{$paired['id']}")->assertOk();
        $this->on($phone);
        $this->ask('GET', '/api/bench')->assertUnauthorized();
        $this->signsIn('hazel');
        $late = self::keyOf($this->ask('POST', '/api/pairings')->json('address'));
        Carbon::setTestNow('2026-11-02 09:02:01');
        $this->ask('POST', '/api/pair', ['key' => $late])->assertStatus(422);
    }

    public function test_a_new_password_signs_every_other_device_out(): void
    {
        $phone = $this->signsIn('hazel');
        $here = $this->signsIn('hazel');
        $new = ['current' => 'not the right one', 'password' => 'six tall elms fell'];
        $this->ask('PUT', '/api/password', $new)->assertStatus(422)->assertJsonPath('errors.0.field', 'current');
        $this->ask('PUT', '/api/password', [...$new, 'current' => self::PASSWORD])->assertOk();
        $this->ask('GET', '/api/bench')->assertOk();
        $this->on($phone);
        $this->ask('GET', '/api/bench')->assertUnauthorized();
        $this->on($here);
        $this->ask('POST', '/api/sign-in', ['name' => 'hazel', 'password' => self::PASSWORD])->assertStatus(422);
        $this->signsIn('hazel', 'six tall elms fell');
    }

    /** Whoever read the code over a shoulder gets in no more once the password is another, or its maker is gone. */
    public function test_what_was_handed_out_ends_with_the_password_and_with_its_maker(): void
    {
        $this->signsIn('hazel');
        $pairing = fn (): string => self::keyOf($this->ask('POST', '/api/pairings')->assertOk()->json('address'));
        $before = $pairing();
        $this->ask('PUT', '/api/password', ['current' => self::PASSWORD, 'password' => 'six tall elms fell'])
            ->assertOk();
        $after = $pairing();
        $this->ask('DELETE', '/api/sign-in')->assertOk();
        foreach ([$before, $after] as $key) {
            $this->ask('POST', '/api/pair', ['key' => $key])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', 'key');
        }
    }

    public function test_a_recovery_ends_with_the_owner_who_handed_it_out(): void
    {
        $rowan = self::person('Rowan', Role::Member);
        $place = Membership::query()->where('user_id', $rowan->id)->firstOrFail();
        $this->signsIn('hazel');
        $key = self::keyOf($this->ask('POST', "/api/people/$place->id/recovery")->assertOk()->json('address'));
        $this->ask('DELETE', '/api/sign-in')->assertOk();
        $this->ask('POST', '/api/recover', ['key' => $key, 'password' => 'six tall elms fell'])->assertStatus(422);
        $this->signsIn('rowan');
    }

    public function test_an_owner_helps_who_forgot(): void
    {
        $rowan = self::person('Rowan', Role::Member);
        $place = Membership::query()->where('user_id', $rowan->id)->firstOrFail();
        $this->signsIn('hazel');
        $key = self::keyOf($this->ask('POST', "/api/people/$place->id/recovery")->assertOk()->json('address'));
        $this->signedOut();
        $new = ['key' => $key, 'password' => 'six tall elms fell'];
        $this->ask('POST', '/api/recover', [...$new, 'password' => 'short'])->assertStatus(422);
        $this->ask('POST', '/api/recover', $new)->assertOk();
        $this->ask('POST', '/api/recover', $new)->assertStatus(422);
        $this->signsIn('rowan', 'six tall elms fell');
    }

    /** Else whoever begins a bench of their own and invites somebody could become them at every other. */
    public function test_nobody_becomes_another_by_a_bench_of_their_own(): void
    {
        $mine = Bench::query()->create(['name' => 'a bench of his own']);
        self::person('Ilex', Role::Owner, $mine);
        $place = Membership::give(User::query()->where('login', 'hazel')->firstOrFail(), $mine, Role::Reader);
        $this->signsIn('ilex');
        $refused = $this->ask('POST', "/api/people/$place->id/recovery")->assertStatus(422);
        self::assertStringContainsString('at other benches, too', $refused->json('errors.0.message'));
        self::assertSame(0, Ticket::query()->count());
    }

    public function test_a_bench_is_never_without_an_owner(): void
    {
        $rowan = self::person('Rowan', Role::Member);
        $this->signsIn('hazel');
        $people = array_column($this->ask('GET', '/api/people')->json('members'), 'id', 'name');
        $this->ask('PUT', "/api/people/{$people['Hazel']}", ['role' => 'reader'])->assertStatus(422);
        $this->ask('DELETE', "/api/people/{$people['Hazel']}")->assertStatus(422);
        $this->ask('DELETE', '/api/account', ['current' => self::PASSWORD])->assertStatus(422);
        $this->ask('PUT', "/api/people/{$people['Rowan']}", ['role' => 'owner'])->assertOk();
        $this->ask('DELETE', "/api/people/{$people['Hazel']}")->assertOk();
        $this->ask('GET', '/api/bench')->assertForbidden();
        self::assertTrue((Membership::roleOf($rowan, self::bench()) ?? Role::Reader)->may(Rule::Own));
    }

    /** The first owner takes over what was here before anybody signed in. */
    public function test_the_first_account_owns_what_was_here(): void
    {
        User::query()->firstOrFail()->fill(['login' => null, 'password' => null])->save();
        Membership::query()->delete();
        [, $key] = Ticket::hand(TicketKind::Owner);
        $this->entered($this->ask('POST', '/api/join', [
            'key' => $key, 'name' => 'Hazel', 'password' => self::PASSWORD, 'isKnown' => false,
        ])->assertOk());
        self::assertSame(self::bench()->name, $this->ask('GET', '/api/pulse')->json('bench'));
        self::assertTrue($this->ask('GET', '/api/people')->json('isOwner'));
    }

    public function test_a_password_is_kept_as_argon2id_and_a_key_as_its_hash(): void
    {
        self::assertStringStartsWith('$argon2id$', Password::hash('four quiet bees hum'));
        self::assertFalse(Password::fits('anything', null));
        $key = $this->signsIn('hazel');
        foreach (['users', 'sign_ins', 'tickets', 'attempts'] as $table) {
            $rows = json_encode(DB::table($table)->get());
            self::assertStringNotContainsString($key, (string) $rows);
            self::assertStringNotContainsString(self::PASSWORD, (string) $rows);
        }
    }

    private function invited(string $role): string
    {
        $handed = $this->ask('POST', '/api/people/invitations', ['role' => $role])->assertOk();

        return self::keyOf($handed->json('address'));
    }

    private static function keyOf(string $address): string
    {
        return substr((string) strstr($address, '#'), 1);
    }
}
