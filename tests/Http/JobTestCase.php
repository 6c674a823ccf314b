<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Job\WorkJob;
use App\Pace\StepTime;
use App\Work\Work;
use Illuminate\Support\Carbon;

/** A bench on which nothing is being made. */
abstract class JobTestCase extends HttpTestCase
{
    protected const TEN = ['figures' => ['pieces' => '10', 'batch' => '5', 'hours' => '6'], 'wood' => 'planed',
        'hones' => true];

    /** The demo is in the middle of one: it is looked at in {@see DemoTest}. */
    protected function setUp(): void
    {
        parent::setUp();
        StepTime::query()->forceDelete();
        WorkJob::query()->forceDelete();
    }

    protected function hive(): Work
    {
        return Work::query()->where('pattern', 'dovetailed-box')->firstOrFail();
    }

    /**
     * @param  array<string, mixed>  $job
     * @return array<string, mixed>
     */
    protected function toBench(array $job): array
    {
        return $this->ask('POST', "/api/jobs/{$job['id']}/sessions", ['version' => $job['version'], 'early' => false])
            ->assertCreated()->json();
    }

    /**
     * @param  array<string, mixed>  $session
     * @param  list<int>  $counted
     * @return array<string, mixed>
     */
    protected function tap(array $session, int $step, array $counted): array
    {
        return $this->ask('PUT', "/api/sessions/{$session['id']}", [
            'atStep' => $step,
            'phase' => 'fetch',
            'counted' => $counted === [] ? array_fill(0, count($session['steps']), 0) : $counted,
            'version' => $session['version'],
        ])->assertOk()->json();
    }

    /**
     * One sitting, done to its end at once.
     *
     * @param  array<string, mixed>  $job
     * @return array<string, mixed>
     */
    protected function sit(array $job): array
    {
        $session = $this->toBench($job);
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'outcome' => 'done', 'version' => $session['version'],
        ])->assertOk();

        return $this->ask('GET', "/api/jobs/{$job['id']}")->assertOk()->json();
    }

    /** @param  array<string, mixed>  $job */
    protected function finish(array $job): void
    {
        while ($job['isMade'] === false) {
            if ($job['restsUntil'] !== null) {
                Carbon::setTestNow(Carbon::parse($job['restsUntil'])->addMinute());
            }
            $job = $this->sit($job);
        }
    }
}
