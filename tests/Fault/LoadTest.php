<?php

declare(strict_types=1);

namespace Tests\Fault;

use Bench\KitFamilies;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Server;

/** Long work, more of it than there are turns: what is quick is answered meanwhile, and everything has an end. */
final class LoadTest extends TestCase
{
    private static Server $server;

    public static function setUpBeforeClass(): void
    {
        self::$server = new Server();
    }

    public static function tearDownAfterClass(): void
    {
        self::$server->__destruct();
    }

    public function test_a_keystroke_is_answered_while_eight_plans_are_worked_out(): void
    {
        $client = new Client(rtrim(self::$server->url('/'), '/'));
        $plans = $client->begin(array_fill(0, 8, ['POST', '/api/calc/kit-plan', self::hardKit()]));
        foreach (range(1, 10) as $key) {
            $bevel = ['thicknessMm' => 3 + $key / 10, 'bevelLengthMm' => 8];
            self::assertSame(200, $client->ask('POST', '/api/calc/bevel-angle', $bevel)[0]);
            self::assertSame(200, $client->ask('GET', '/up')[0]);
            self::assertSame(200, $client->ask('GET', '/api/kit')[0]);
        }
        self::assertSame(8, $plans->running(), 'all of it while not one of the plans had ended');

        foreach ($plans->end() as [$status, $plan]) {
            self::assertSame(200, $status, (string) json_encode($plan));
            self::assertFalse($plan['provenOptimal']);
        }
    }

    public function test_plans_that_nobody_waits_for_any_more_end_by_themselves(): void
    {
        $client = new Client(rtrim(self::$server->url('/'), '/'));
        $client->begin(array_fill(0, 8, ['POST', '/api/calc/kit-plan', self::hardKit()]))->abandon();
        self::assertSame(200, $client->ask('GET', '/up')[0]);
        $easy = ['operations' => [['id' => 'o']], 'tools' => [], 'methods' => [], 'owned' => []];
        Server::until(
            static fn (): bool => $client->ask('POST', '/api/calc/kit-plan', $easy)[0] === 200,
            'the next plan',
            60,
        );
    }

    public function test_more_than_can_wait_is_told_to_ask_again(): void
    {
        $client = new Client(rtrim(self::$server->url('/'), '/'));
        // One after another, each while those before it are worked out or wait: one worker must not take in several.
        $all = array_map(
            static fn (): Asked => $client->begin([['POST', '/api/calc/kit-plan', self::hardKit()]], 0.08),
            range(1, 13),
        );
        $answers = array_map(static fn (Asked $asked): array => $asked->end()[0], $all);
        $refused = array_filter($answers, static fn (array $answer): bool => $answer[0] !== 200);
        self::assertGreaterThanOrEqual(1, count($refused));
        foreach ($refused as [$status, $said]) {
            self::assertSame(503, $status);
            self::assertStringContainsString('Try again in a moment', $said['errors'][0]['message']);
        }
    }

    public function test_what_takes_longer_than_its_bound_is_stopped_with_a_sentence(): void
    {
        $client = new Client(rtrim(self::$server->url('/'), '/'));
        [$status, $said] = $client->ask('POST', '/api/calc/kit-plan', ['timeLimitSeconds' => 600] + self::hardKit());
        self::assertSame(503, $status);
        self::assertStringContainsString('more than can be worked out at once', $said['errors'][0]['message']);
        self::assertSame(200, $client->ask('GET', '/up')[0]);
    }

    /** @return array<string, mixed> a kit that two seconds are not enough for, nor twenty */
    private static function hardKit(): array
    {
        $kit = (new KitFamilies(240, 160, 600))->all()['many ties'](1);

        return json_decode(json_encode(get_object_vars($kit), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
    }
}
