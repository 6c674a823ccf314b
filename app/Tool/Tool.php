<?php

declare(strict_types=1);

namespace App\Tool;

use App\Ledger\Record;
use Illuminate\Database\Eloquent\Relations\HasMany;
use JackRest\Core\Edge\EdgesOfKind;
use JackRest\Core\Edge\ToolCondition;
use JackRest\Core\Fit\SawCount;
use JackRest\Core\Kit\ToolAtHand as CoreTool;
use JackRest\Core\Kit\WantedTool;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\ToDo\Topic;

/**
 * @property string $kind
 * @property string $name
 * @property ToolStatus $status
 * @property array<string, float> $size the dimensions that were read, by name; the others are usual for the kind
 * @property float|null $price
 * @property ToolCondition|null $condition how it was found when it was last asked about; null: nobody was asked
 * @property string|null $hung_on when it came, where that is known better than by its record
 * @property string|null $bought_for what it was got for
 * @property bool $kept for its own sake
 * @property string|null $away_on since when it is put away
 * @property string|null $lent_to
 * @property string|null $lent_on
 * @property string|null $ask_on when to ask for it
 * @property \Illuminate\Database\Eloquent\Collection<int, StrokeCount> $strokeCounts
 */
final class Tool extends Record
{
    private const SCRAPERS = ['card-scraper', 'cabinet-scraper'];

    private const AUGERS = 'auger-bits';

    /**
     * Made once for what it says: a page asks for it again and again.
     *
     * @var array{list<mixed>, CoreTool}|null
     */
    private ?array $core = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'size' => 'array',
            'status' => ToolStatus::class,
            'price' => 'float',
            'kept' => 'boolean',
            'condition' => ToolCondition::class,
        ];
    }

    /** @return HasMany<StrokeCount, $this> */
    public function strokeCounts(): HasMany
    {
        return $this->hasMany(StrokeCount::class);
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
        $row = [$this->getAttributes()['size'] ?? null, $this->id, $this->kind, $this->name];
        if ($this->core === null || $this->core[0] !== $row) {
            $sizes = array_map(floatval(...), $this->size);
            $this->core = [$row, new CoreTool((string) $this->id, $this->kind, $this->name, $sizes)];
        }

        return $this->core[1];
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

    /** Whether it has teeth that are filed. */
    public function isSaw(): bool
    {
        return $this->status === ToolStatus::Owned && $this->kindOfTool()->isSaw();
    }

    /** Whether it has an edge to hone or teeth to file: then it is asked how it is when it comes in. */
    public static function cuts(ToolKind $kind): bool
    {
        return $kind->isSaw() || EdgesOfKind::has($kind->id);
    }

    /** Whether a burr is turned on it. */
    public function isScraper(): bool
    {
        return $this->status === ToolStatus::Owned && in_array($this->kind, self::SCRAPERS, true);
    }

    public function isAugerSet(): bool
    {
        return $this->status === ToolStatus::Owned && $this->kind === self::AUGERS;
    }

    /** Saws, scrapers and sets of auger bits are looked after at their edges. */
    public function topic(): Topic
    {
        $kind = match (true) {
            $this->isSaw() => 'saw',
            $this->isScraper() => 'scraper',
            $this->isAugerSet() => 'auger',
            default => 'tool',
        };

        return new Topic($kind, $this->id);
    }
}
