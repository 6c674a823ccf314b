<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Bench\Bench;
use App\Bench\User;
use App\People\Membership;
use App\People\Password;
use App\People\Role;
use App\People\Shop;
use App\People\SignIn;
use Illuminate\Testing\TestResponse;
use JackRest\Core\Measure\LengthUnit;
use Symfony\Component\HttpFoundation\Response;

/** A shop where people sign in. */
abstract class PeopleTestCase extends HttpTestCase
{
    protected const PASSWORD = 'four quiet bees hum';

    /** Hashed once: it takes its time by design. */
    private static ?string $hash = null;

    protected function setUp(): void
    {
        parent::setUp();
        Shop::suppose(true);
        User::query()->firstOrFail()->fill(['login' => 'hazel', 'name' => 'Hazel', 'password' => self::hash()])->save();
        Membership::give(User::query()->firstOrFail(), self::bench(), Role::Owner);
    }

    protected function tearDown(): void
    {
        Shop::suppose(null);
        parent::tearDown();
    }

    private static function hash(): string
    {
        return self::$hash ??= Password::hash(self::PASSWORD);
    }

    /** Somebody at a bench; at none where no role is given. */
    protected static function person(string $name, ?Role $role, ?Bench $bench = null): User
    {
        $bench ??= self::bench();
        $user = User::query()->create([
            'name' => $name,
            'login' => strtolower($name),
            'password' => self::hash(),
            'bench_id' => $bench->id,
            'unit' => LengthUnit::Millimetre,
            'ground' => 'system',
        ]);
        if ($role !== null) {
            Membership::give($user, $bench, $role);
        }

        return $user;
    }

    /** The key of a device on which somebody signs in now; everything that is asked next comes from it. */
    protected function signsIn(string $name, string $password = self::PASSWORD): string
    {
        $this->signedOut();
        $answer = $this->ask('POST', '/api/sign-in', ['name' => $name, 'password' => $password])->assertOk();

        return $this->entered($answer);
    }

    /** @param  TestResponse<Response>  $answer */
    protected function entered(TestResponse $answer): string
    {
        $cookie = $answer->getCookie(SignIn::COOKIE);
        self::assertNotNull($cookie);
        self::assertTrue($cookie->isHttpOnly() && $cookie->isSecure());
        self::assertSame('strict', $cookie->getSameSite());
        $key = (string) $cookie->getValue();
        $this->on($key);

        return $key;
    }

    protected function on(string $key): void
    {
        $this->defaultCookies[SignIn::COOKIE] = $key;
        $this->withCredentials();
    }

    protected function signedOut(): void
    {
        unset($this->defaultCookies[SignIn::COOKIE]);
    }
}
