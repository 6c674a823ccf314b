<?php

declare(strict_types=1);

namespace App\Bench;

use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Bench;
use App\Models\Mend;
use App\Models\Tool;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use JackRest\Core\Readiness\Upkeep;

/** The small lines on Bench, and the one tap that does each of them. */
final readonly class UpkeepOfBench
{
    public function __construct(private Bench $bench)
    {
    }

    /** @return list<Upkeep> */
    public function lines(): array
    {
        return [...$this->mends(), ...$this->lent()];
    }

    /** @return list<Upkeep> */
    private function mends(): array
    {
        return array_values($this->open()->with('tool')->oldest('id')->get()->map(static fn (Mend $mend): Upkeep => new Upkeep(
            "mend-{$mend->id}",
            ucfirst($mend->says).": the {$mend->tool->name}.",
            'It came second-hand.',
            $mend->minutes,
            "/kit/tools/{$mend->tool_id}",
        ))->all());
    }

    /** @return list<Upkeep> tools that are out and should be asked for */
    private function lent(): array
    {
        $today = Carbon::now()->toDateString();
        $out = $this->bench->tools()->get()->filter(static fn (Tool $tool): bool => $tool->lent_on !== null && $tool->ask_on !== null && $tool->ask_on <= $today);

        return array_values($out->map(static fn (Tool $tool): Upkeep => new Upkeep("lent-{$tool->id}", "Ask {$tool->lent_to} for the {$tool->name}.", 'It went out on '.Carbon::parse((string) $tool->lent_on)->format('j F').'.', null, '/kit/idle', 'It is back'))->all());
    }

    /** Does what one line says; nothing happens where it is done already. */
    public function done(Ledger $ledger, string $key): void
    {
        [$kind, $id] = [...explode('-', $key, 2), ''];
        match ($kind) {
            'mend' => $this->mended($ledger, $this->open()->findOrFail((int) $id)),
            'lent' => $this->back($ledger, $this->bench->tools()->findOrFail((int) $id)),
            default => abort(404),
        };
    }

    private function back(Ledger $ledger, Tool $tool): void
    {
        $ledger->record('hung-again', $tool->name, "The {$tool->name} is back from {$tool->lent_to}.", static function (Changes $changes) use ($tool): void {
            $changes->update($tool, ['lent_to' => null, 'lent_on' => null, 'ask_on' => null]);
        });
    }

    /** @return HasMany<Mend, Bench> */
    private function open(): HasMany
    {
        $open = $this->bench->mends();
        $open->whereNull('done_at');

        return $open;
    }

    private function mended(Ledger $ledger, Mend $mend): void
    {
        $ledger->record('mended', $mend->tool->name, ucfirst($mend->says).": the {$mend->tool->name}.", static function (Changes $changes) use ($mend): void {
            $changes->update($mend, ['done_at' => Carbon::now()->toIso8601ZuluString()]);
        });
    }
}
