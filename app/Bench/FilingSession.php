<?php

declare(strict_types=1);

namespace App\Bench;

use App\Ledger\Changes;
use App\Models\BenchSession;
use App\Models\Tool;
use Illuminate\Support\Carbon;
use JackRest\Desk\Filing\FilingStep;
use JackRest\Desk\Filing\SawForm;

/** A saw's filing or a scraper's turning as bench mode walks it, tooth by tooth, and what it leaves on record. */
final readonly class FilingSession
{
    /**
     * @param  list<FilingStep>  $plan
     * @param  string  $state  as it was found, or what is done
     * @param  array{loweredMm?: float, setMm?: float|null}  $becomes  what it is when it is done
     * @return array<string, mixed>
     */
    public static function columns(Tool $tool, array $plan, string $state, array $becomes = []): array
    {
        $steps = array_map(static fn (FilingStep $step): array => [
            'stone' => $step->tool, 'particleUm' => 0.0, 'kind' => 'file', 'strokes' => $step->count, 'seconds' => $step->seconds, 'see' => $step->see, 'says' => $step->says, 'of' => $step->of,
        ], $plan);

        return SessionOfPlan::columns($state, $steps, [$becomes], $tool->name) + ['tool_id' => $tool->id];
    }

    /** @return array<string, mixed> */
    public static function ofSaw(Tool $saw, SawForm $sheet): array
    {
        $plan = $sheet->plan;
        assert($plan !== null);

        return self::columns($saw, $plan->steps, $sheet->state->value, ['loweredMm' => $plan->loweredMm, 'setMm' => $sheet->wantedSetMm()]);
    }

    public function __construct(private BenchSession $session, private bool $isDone)
    {
    }

    public function write(Changes $changes, string $now): void
    {
        $saw = $this->session->tool;
        if ($saw === null || (array_sum($this->session->counted) === 0 && ! $this->isDone)) {
            return;
        }
        $becomes = $this->session->becomes[0] ?? [];
        $isJointed = $this->isCounted('flat file');
        $lowered = $isJointed && is_numeric($becomes['loweredMm'] ?? null) ? (float) $becomes['loweredMm'] : 0.0;
        $minutes = Carbon::parse($this->session->started_at)->diffInSeconds(Carbon::parse($now)) / 60;
        $changes->create($changes->bench->filings(), ['tool_id' => $saw->id, 'filed_on' => $now, 'state' => $this->session->condition, 'lowered_mm' => $lowered, 'teeth' => $this->gullets(), 'minutes' => round($minutes, 1)]);
        $size = $saw->size;
        if ($this->isCounted('saw set') && is_numeric($becomes['setMm'] ?? null)) {
            $size['set'] = (float) $becomes['setMm'];
        }
        if ($lowered > 0.0) {
            $size['depth'] = ($saw->toCore()->sizes()['depth'] ?? 0.0) - $lowered;
        }
        if ($size !== $saw->size) {
            $changes->update($saw, ['size' => $size]);
        }
    }

    public function sentence(): string
    {
        if (in_array($this->session->condition, [ScrapersOfBench::TURNED, AugersOfBench::FILED], true)) {
            [$done, $stopped] = $this->session->condition === ScrapersOfBench::TURNED ? ['Turned a burr on', 'Stopped turning'] : ['Filed', 'Stopped filing'];

            return ($this->isDone ? $done : $stopped)." the {$this->session->title}.";
        }
        $gullets = $this->gullets();

        return ($this->isDone ? 'Filed' : 'Stopped filing')." the {$this->session->title}: ".($gullets === 0 ? 'no gullet counted.' : "$gullets gullets.");
    }

    private function isCounted(string $tool): bool
    {
        foreach ($this->session->steps as $index => $step) {
            if ($step['stone'] === $tool && $this->session->counted[$index] > 0) {
                return true;
            }
        }

        return false;
    }

    private function gullets(): int
    {
        $gullets = 0;
        foreach ($this->session->steps as $index => $step) {
            $gullets += ($step['of'] ?? '') === 'gullets' ? (int) $this->session->counted[$index] : 0;
        }

        return $gullets;
    }
}
