<?php

declare(strict_types=1);

namespace App\Kit;

use App\Auger\AugersOfBench;
use App\Edge\Edge;
use App\Ledger\Record;
use App\Saw\SawsOfBench;
use App\Scraper\ScrapersOfBench;
use Illuminate\Database\Eloquent\Relations\HasMany;
use JackRest\Core\Fit\SawCount;
use JackRest\Core\Kit\ToolAtHand as CoreTool;
use JackRest\Core\Kit\WantedTool;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;

/**
 * @property string $kind
 * @property string $name
 * @property ToolStatus $status
 * @property array<string, float> $size the dimensions that were read, by name; the others are usual for the kind
 * @property float|null $price
 * @property string|null $hung_on when it came, where that is known better than by its record
 * @property string|null $bought_for what it was got for
 * @property bool $kept for its own sake
 * @property string|null $away_on since when it is put away
 * @property string|null $lent_to
 * @property string|null $lent_on
 * @property string|null $ask_on when to ask for it
 * @property \Illuminate\Database\Eloquent\Collection<int, StrokeCount> $strokeCounts
 * @property \Illuminate\Database\Eloquent\Collection<int, Edge> $edges
 */
final class Tool extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['size' => 'array', 'status' => ToolStatus::class, 'price' => 'float', 'kept' => 'boolean'];
    }

    /** @return HasMany<StrokeCount, $this> */
    public function strokeCounts(): HasMany
    {
        return $this->hasMany(StrokeCount::class);
    }

    /** @return HasMany<Edge, $this> */
    public function edges(): HasMany
    {
        return $this->hasMany(Edge::class);
    }

    /** Whether it hangs here: neither lent nor put away. */
    public function isAtHand(): bool
    {
        return $this->lent_on === null && $this->away_on === null;
    }

    public function kindOfTool(): ToolKind
    {
        return ToolKinds::named($this->kind);
    }

    public function toCore(): CoreTool
    {
        return new CoreTool((string) $this->id, $this->kind, $this->name, array_map(floatval(...), $this->size));
    }

    public function toWanted(): WantedTool
    {
        return new WantedTool(
            (string) $this->id,
            $this->kind,
            $this->name,
            array_map(floatval(...), $this->size),
            $this->price,
        );
    }

    /** @return list<SawCount> */
    public function sawCounts(): array
    {
        $sizes = $this->toCore()->sizes();

        return array_values(
            $this->strokeCounts->map(static fn (StrokeCount $count): SawCount => $count->toCore($sizes))->all(),
        );
    }

    /** Which page is its own: saws, scrapers and sets of auger bits are looked after at their edges. */
    public function pageKind(): string
    {
        return match (true) {
            SawsOfBench::isFiled($this) => 'saw',
            ScrapersOfBench::isScraper($this) => 'scraper',
            AugersOfBench::isSet($this) => 'auger',
            default => 'tool',
        };
    }
}
