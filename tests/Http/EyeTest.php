<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Eye\EyeRun;
use App\Ledger\DiaryEntry;
use Illuminate\Support\Carbon;
use JackRest\Core\Eye\Exercise;
use PHPUnit\Framework\Attributes\DataProvider;

/** What an eye sees, and what that does to what is read by it. */
final class EyeTest extends HttpTestCase
{
    private const SENT = ['distance' => '500', 'pxPerMm' => 4];

    public function test_nothing_is_known_of_an_eye_at_first(): void
    {
        $eye = $this->ask('GET', '/api/eye')->assertOk()->json();
        self::assertSame(array_column(Exercise::cases(), 'value'), array_column($eye['exercises'], 'exercise'));
        self::assertSame([null], array_values(array_unique(array_column($eye['exercises'], 'seen'))));
        self::assertFalse($this->rule()['isOwn']);
    }

    /** @return iterable<string, array{Exercise}> */
    public static function exercises(): iterable
    {
        foreach (Exercise::cases() as $exercise) {
            yield $exercise->value => [$exercise];
        }
    }

    #[DataProvider('exercises')]
    public function test_a_run_is_saved_answer_by_answer_and_tells_at_last(Exercise $exercise): void
    {
        $run = $this->ask('POST', "/api/eye/{$exercise->value}/runs", self::SENT)->assertCreated()->json();
        $open = array_column($this->ask('GET', '/api/eye')->json('exercises'), 'open', 'exercise');
        self::assertSame($run['id'], $open[$exercise->value]);
        while ($run['seen'] === null) {
            self::assertSame($exercise->isJudged(), $run['marks'] === []);
            self::assertSame($exercise->isJudged(), $run['told'] !== '');
            $run = $this->answer($run, $this->truth($run));
            self::assertFalse($run['isWrong'], $run['said']);
            self::assertNotSame('', $run['said']);
            self::assertSame($run['answered'], $this->ask('GET', "/api/eye-runs/{$run['id']}")->json('answered'));
        }
        self::assertSame([], $run['marks']);
        self::assertSame(EyeRun::CASES, $run['answered']);
        self::assertStringContainsString(
            match (true) {
                $exercise->isJudged() => 'You had 24 of 24 right.',
                $exercise === Exercise::Kerf => 'You left the line by',
                default => 'mm at 350 mm from the eye',
            },
            $run['seen'],
        );
        $this->ask('PUT', "/api/eye-runs/{$run['id']}", ['choice' => 'left', 'version' => $run['version']])
            ->assertStatus(409);
    }

    /** Read off a rule by an eye that sees a tenth, a gap counts as read to a tenth; undone, to a quarter again. */
    public function test_what_is_seen_becomes_the_resolution_of_a_rule(): void
    {
        $run = $this->ask('POST', '/api/eye/rule/runs', self::SENT)->json();
        while ($run['seen'] === null) {
            // Sees what is larger than two minutes, and guesses below.
            $shown = EyeRun::query()->whereKey($run['id'])->firstOrFail()->shown();
            $sees = $shown !== null && $shown->size >= 2.0;
            $run = $this->answer($run, $sees || $run['answered'] % 2 === 0 ? $this->truth($run) : $this->wrong($run));
        }
        $rule = $this->rule();
        self::assertTrue($rule['isOwn']);
        self::assertGreaterThan(0.08, $rule['resolutionMm']);
        self::assertLessThan(0.35, $rule['resolutionMm']);
        $entry = DiaryEntry::query()->where('kind', 'eye-trained')->firstOrFail();
        $this->ask('POST', "/api/diary/{$entry->id}/undo")->assertCreated();
        self::assertFalse($this->rule()['isOwn']);
    }

    public function test_it_comes_back_when_it_has_grown_old(): void
    {
        $run = $this->ask('POST', '/api/eye/light/runs', self::SENT)->json();
        while ($run['seen'] === null) {
            $run = $this->answer($run, $this->truth($run));
        }
        $says = fn (): array => array_column($this->ask('GET', '/api/bench')->json('upkeep'), 'says');
        self::assertNotContains('Try your eye again.', $says());
        Carbon::setTestNow(Carbon::now()->addDays(100));
        self::assertContains('Try your eye again.', $says());
    }

    public function test_what_cannot_be_is_refused_beside_its_field(): void
    {
        $this->ask('POST', '/api/eye/smell/runs', self::SENT)->assertNotFound();
        $this->ask('POST', '/api/eye/rule/runs', [...self::SENT, 'distance' => '20'])->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'distance');
        $this->ask('POST', '/api/eye/rule/runs', [...self::SENT, 'pxPerMm' => 0])->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'pxPerMm');
        $run = $this->ask('POST', '/api/eye/rule/runs', self::SENT)->json();
        $this->ask('PUT', "/api/eye-runs/{$run['id']}", ['choice' => 'up', 'version' => $run['version']])
            ->assertStatus(422)->assertJsonPath('errors.0.field', 'choice');
        $this->ask('PUT', "/api/eye-runs/{$run['id']}", ['choice' => 'left', 'version' => $run['version'] + 7])
            ->assertStatus(409);
    }

    /** @return array<string, mixed> the steel rule among the instruments */
    private function rule(): array
    {
        return array_column($this->ask('GET', '/api/references/known')->json('instruments'), null, 'value')['rule'];
    }

    /** @param  array<string, mixed>  $run */
    private function truth(array $run): string
    {
        return EyeRun::query()->whereKey($run['id'])->firstOrFail()->shown()->truth ?? '';
    }

    /** @param  array<string, mixed>  $run */
    private function wrong(array $run): string
    {
        return $this->truth($run) === 'left' ? 'right' : 'left';
    }

    /**
     * @param  array<string, mixed>  $run
     * @return array<string, mixed>
     */
    private function answer(array $run, string $choice): array
    {
        return $this->ask('PUT', "/api/eye-runs/{$run['id']}", ['choice' => $choice, 'version' => $run['version']])
            ->assertOk()->json();
    }
}
