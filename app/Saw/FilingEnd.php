<?php

declare(strict_types=1);

namespace App\Saw;

use App\Ledger\Changes;
use App\Session\BenchSession;
use App\Session\SessionEnd;
use App\Tool\Tool;
use Illuminate\Support\Carbon;
use JackRest\Core\Edge\ToolCondition;
use JackRest\Desk\Session\SessionKind;

/** A saw's filing, a scraper's turning, an auger bit touched up: what it leaves on record. */
final readonly class FilingEnd implements SessionEnd
{
    public function __construct(private BenchSession $session, private bool $isDone)
    {
    }

    public function entryKind(): string
    {
        return $this->isDone ? 'filed' : 'filing-stopped';
    }

    public function sentence(): string
    {
        $name = $this->session->title;

        return match ($this->session->kind) {
            SessionKind::Turning => ($this->isDone ? 'Turned a burr on' : 'Stopped turning')." the $name.",
            SessionKind::BitFiling => ($this->isDone ? 'Filed' : 'Stopped filing')." the $name.",
            default => ($this->isDone ? 'Filed' : 'Stopped filing')." the $name: {$this->gulletsInWords()}",
        };
    }

    public function write(Changes $changes, string $now): void
    {
        $tool = $this->session->subject;
        if (! $tool instanceof Tool || (array_sum($this->session->counted) === 0 && ! $this->isDone)) {
            return;
        }
        $lowered = $this->isCounted('flat file') ? $this->context('loweredMm') : 0.0;
        $changes->create(Filing::of($changes->bench), [
            'tool_id' => $tool->id,
            'filed_on' => $now,
            'state' => $this->session->context['state'] ?? '',
            'lowered_mm' => $lowered,
            'teeth' => $this->gullets(),
            'minutes' => round(Carbon::parse($this->session->started_at)->diffInSeconds(Carbon::parse($now)) / 60, 1),
        ]);
        $size = $tool->size;
        if ($this->isCounted('saw set') && isset($this->session->context['setMm'])) {
            $size['set'] = $this->context('setMm');
        }
        if ($lowered > 0.0) {
            $size['depth'] = ($tool->toCore()->sizes()['depth'] ?? 0.0) - $lowered;
        }
        $found = $this->isDone && $tool->isSaw() ? ToolCondition::Works : $tool->condition;
        if ($size !== $tool->size || $found !== $tool->condition) {
            $changes->update($tool, ['size' => $size, 'condition' => $found]);
        }
    }

    private function context(string $name): float
    {
        $value = $this->session->context[$name] ?? 0.0;

        return is_numeric($value) ? (float) $value : 0.0;
    }

    private function isCounted(string $tool): bool
    {
        foreach ($this->session->walked() as $index => $step) {
            if ($step->title === $tool && $this->session->counted[$index] > 0) {
                return true;
            }
        }

        return false;
    }

    private function gullets(): int
    {
        $gullets = 0;
        foreach ($this->session->walked() as $index => $step) {
            $gullets += $step->of === 'gullets' ? (int) $this->session->counted[$index] : 0;
        }

        return $gullets;
    }

    private function gulletsInWords(): string
    {
        $gullets = $this->gullets();

        return $gullets === 0 ? 'no gullet counted.' : "$gullets gullets.";
    }
}
