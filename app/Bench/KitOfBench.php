<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Bench;
use App\Models\Tool;
use App\Models\ToolStatus;
use App\Models\Work;
use Illuminate\Support\Collection;
use JackRest\Core\Kit\KitAdvice;
use JackRest\Core\Kit\KitAdviser;

/** The tools of a bench beside the work they are for. */
final class KitOfBench
{
    /** @var Collection<int, Tool> */
    public readonly Collection $tools;

    public readonly Work $work;

    private ?KitAdvice $advice = null;

    public function __construct(Bench $bench)
    {
        $this->tools = $bench->tools()->get()->toBase();
        $this->work = $bench->works()->firstOrFail();
    }

    public function advice(): KitAdvice
    {
        return $this->advice ??= (new KitAdviser($this->work->min_grades, $this->kindsOwned(), $this->prices()))->advise();
    }

    public function cheapestWanted(string $kind): ?Tool
    {
        return $this->wanted()->where('kind', $kind)->sortBy('price')->first();
    }

    /** @return list<string> */
    private function kindsOwned(): array
    {
        return array_values($this->tools
            ->filter(static fn (Tool $tool): bool => $tool->status === ToolStatus::Owned)
            ->map(static fn (Tool $tool): string => $tool->kind)->unique()->all());
    }

    /** @return array<string, float> by kind; of several on the list the cheapest */
    private function prices(): array
    {
        $prices = [];
        foreach ($this->wanted() as $tool) {
            $prices[$tool->kind] = min($prices[$tool->kind] ?? INF, (float) $tool->price);
        }

        return array_diff_key($prices, array_flip($this->kindsOwned()));
    }

    /** @return Collection<int, Tool> with a price */
    private function wanted(): Collection
    {
        return $this->tools->filter(static fn (Tool $tool): bool => $tool->status === ToolStatus::Wanted && $tool->price !== null);
    }
}
