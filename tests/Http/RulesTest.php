<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Bench\Bench;
use App\People\Role;
use App\People\Rule;
use App\People\Rules;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;

/** Every address there is, tried as nobody, as a stranger, and in each role: a new one without a rule fails here. */
final class RulesTest extends PeopleTestCase
{
    private const DOOR = ['api/sign-in', 'api/ticket', 'api/join', 'api/pair', 'api/recover'];

    private const OF_A_RECORD =
        '/\{(tool|edge|reference|stone|work|job|look|photo|entry|membership|guide|saw|session|setOut)\}/';

    public function test_every_address_has_a_rule(): void
    {
        $without = array_filter(self::routes(), static fn (Route $route): bool => Rules::of($route) === null);
        self::assertSame([], array_map(
            static fn (Route $route): string => $route->methods()[0].' '.$route->uri(),
            array_values($without),
        ));
        self::assertGreaterThan(190, count(self::routes()));
    }

    public function test_nobody_gets_in_anywhere(): void
    {
        foreach (self::routes() as $route) {
            self::assertSame(401, $this->json($route->methods()[0], self::address($route))->getStatusCode(),
                self::address($route));
        }
    }

    public function test_nobody_computes_without_signing_in(): void
    {
        $this->ask('POST', '/api/calc/grit', ['oops' => 1])->assertUnauthorized();
        $this->signsIn('hazel');
        $this->ask('POST', '/api/calc/grit', ['oops' => 1])->assertStatus(422);
    }

    public function test_somebody_without_a_place_gets_in_nowhere(): void
    {
        self::person('Ilex', null);
        $this->signsIn('ilex');
        foreach (self::routes() as $route) {
            self::assertSame(403, $this->json($route->methods()[0], self::address($route))->getStatusCode(),
                self::address($route));
        }
    }

    /** Who is at another bench sees nothing of this one: every record in an address is looked for at theirs. */
    public function test_a_stranger_finds_nothing(): void
    {
        self::person('Ilex', Role::Owner, Bench::query()->create(['name' => 'elsewhere']));
        $this->signsIn('ilex');
        foreach (self::routes() as $route) {
            if (preg_match(self::OF_A_RECORD, $route->uri()) === 1) {
                $status = $this->json($route->methods()[0], self::address($route), ['version' => 1])->getStatusCode();
                self::assertContains($status, [404, 422], $route->methods()[0].' '.$route->uri());
                self::assertTrue($status === 404 || $route->methods()[0] !== 'GET');
            }
        }
        $this->ask('POST', '/api/benches/'.self::bench()->id.'/enter')->assertNotFound();
        self::assertSame(['elsewhere'], array_column($this->ask('GET', '/api/benches')->json('benches'), 'name'));
    }

    public function test_a_reader_writes_nothing_and_a_member_decides_nothing(): void
    {
        self::person('Ilex', Role::Reader);
        self::person('Rowan', Role::Member);
        $refused = ['ilex' => 0, 'rowan' => 0];
        foreach (['ilex' => Role::Reader, 'rowan' => Role::Member] as $name => $role) {
            $this->signsIn($name);
            $revision = self::bench()->revision;
            foreach (self::routes() as $route) {
                $rule = Rules::of($route) ?? self::fail('has a rule');
                if ($role->may($rule)) {
                    continue;
                }
                $this->json($route->methods()[0], self::address($route), ['version' => 1])->assertForbidden();
                $refused[$name]++;
            }
            self::assertSame($revision, self::bench()->revision);
        }
        self::assertGreaterThan(60, $refused['ilex']);
        self::assertSame(count(array_filter(
            self::routes(),
            static fn (Route $route): bool => Rules::of($route) === Rule::Own,
        )), $refused['rowan']);
    }

    /** What is read, and what computes, is open to each role; nothing of it is refused. */
    public function test_a_reader_may_look_at_everything(): void
    {
        self::person('Ilex', Role::Reader);
        $this->signsIn('ilex');
        foreach (self::routes() as $route) {
            $open = Rules::of($route) === Rule::Look && ! str_contains($route->uri(), 'instrument');
            if ($open) {
                $status = $this->json($route->methods()[0], self::address($route), [])->getStatusCode();
                self::assertNotContains($status, [401, 403], $route->methods()[0].' '.$route->uri());
            }
        }
    }

    /** @return list<Route> */
    private static function routes(): array
    {
        return array_values(array_filter(
            Routes::getRoutes()->getRoutes(),
            static fn (Route $route): bool => str_starts_with($route->uri(), 'api/')
                && ! str_starts_with($route->uri(), 'api/calc')
                && $route->uri() !== 'api/{rest}'
                && ! (in_array($route->uri(), self::DOOR, true) && $route->methods()[0] === 'POST'),
        ));
    }

    private static function address(Route $route): string
    {
        $words = ['plan' => 'mallet', 'exercise' => 'rule', 'key' => 'mend-1', 'offer' => 'jack-plane'];

        return '/'.preg_replace_callback(
            '/\{(\w+)\??\}/',
            static fn (array $name): string => $words[$name[1]] ?? self::oneOf($route->wheres[$name[1]] ?? '1'),
            $route->uri(),
        );
    }

    /** The first word that an address allows in a place; 1 where it allows a number. */
    private static function oneOf(string $where): string
    {
        return preg_match('/^[a-z-]+(?=\||$)/', $where, $first) === 1 ? $first[0] : '1';
    }
}
