<?php

declare(strict_types=1);

namespace App\Bench;

use App\Auger\AugerBit;
use App\Blank\Blank;
use App\Blank\RestVisit;
use App\Care\CareDone;
use App\Care\ConsumableStock;
use App\Diary\DiaryEntry;
use App\Edge\Edge;
use App\Edge\EdgeEvent;
use App\Edge\StopTrial;
use App\Files\ImportedFile;
use App\Guide\Guide;
use App\Kit\KitSettings;
use App\Kit\StrokeCount;
use App\Kit\Tool;
use App\Kit\ToolUse;
use App\Making\Making;
use App\Rack\Stone;
use App\Reference\Reference;
use App\Reference\ReferenceTest;
use App\Saw\Filing;
use App\Season\ClimateStretch;
use App\Session\BenchSession;
use App\ShadowBoard\ShadowBoard;
use App\Stall\LookOver;
use App\Stall\Mend;
use App\Stall\Photo;
use App\Work\Work;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;
use JackRest\Desk\Reference\ReferenceKind;

/**
 * A bench with everything kept on it. Every query for a record starts here.
 *
 * @property int $id
 * @property string $name
 * @property int $revision counts every write, so that another window can tell that something changed
 */
final class Bench extends Model
{
    protected $guarded = [];

    protected $attributes = ['revision' => 0];

    /** @return HasMany<Work, $this> */
    public function works(): HasMany
    {
        return $this->hasMany(Work::class);
    }

    /** @return HasMany<Tool, $this> */
    public function tools(): HasMany
    {
        return $this->hasMany(Tool::class);
    }

    /** @return HasMany<KitSettings, $this> */
    public function kitSettings(): HasMany
    {
        return $this->hasMany(KitSettings::class);
    }

    /** How tools are chosen here; nothing decided yet is a choice too. */
    public function kitSettingsNow(): KitSettings
    {
        return $this->kitSettings()->first() ?? new KitSettings(['bench_id' => $this->id]);
    }

    /** @return HasMany<StrokeCount, $this> */
    public function strokeCounts(): HasMany
    {
        return $this->hasMany(StrokeCount::class);
    }

    /** @return HasMany<Stone, $this> */
    public function stones(): HasMany
    {
        return $this->hasMany(Stone::class);
    }

    /** @return HasMany<Edge, $this> */
    public function edges(): HasMany
    {
        return $this->hasMany(Edge::class);
    }

    /** @return HasMany<BenchSession, $this> */
    public function sessions(): HasMany
    {
        return $this->hasMany(BenchSession::class);
    }

    /** @return HasMany<Guide, $this> */
    public function guides(): HasMany
    {
        return $this->hasMany(Guide::class);
    }

    /** @return HasMany<AugerBit, $this> */
    public function augerBits(): HasMany
    {
        return $this->hasMany(AugerBit::class);
    }

    /** @return HasMany<Filing, $this> */
    public function filings(): HasMany
    {
        return $this->hasMany(Filing::class);
    }

    /** @return HasMany<ShadowBoard, $this> */
    public function shadowBoards(): HasMany
    {
        return $this->hasMany(ShadowBoard::class);
    }

    /** @return HasMany<EdgeEvent, $this> */
    public function edgeEvents(): HasMany
    {
        return $this->hasMany(EdgeEvent::class);
    }

    /** @return HasMany<StopTrial, $this> */
    public function stopTrials(): HasMany
    {
        return $this->hasMany(StopTrial::class);
    }

    /** @return HasMany<ImportedFile, $this> */
    public function importedFiles(): HasMany
    {
        return $this->hasMany(ImportedFile::class);
    }

    /** @return HasMany<Reference, $this> */
    public function references(): HasMany
    {
        return $this->hasMany(Reference::class);
    }

    /** @return HasMany<ReferenceTest, $this> */
    public function referenceTests(): HasMany
    {
        return $this->hasMany(ReferenceTest::class);
    }

    /** @return Collection<int, Reference> with their tests: squares first, then straightedges, then the others */
    public function testedReferences(): Collection
    {
        $order = array_flip(array_column(ReferenceKind::cases(), 'value'));
        $all = $this->references()->with('tests')->oldest('id')->get();

        return $all->sortBy(static fn (Reference $one): int => min(2, $order[$one->kind->value]))->values()->toBase();
    }

    /** @return HasMany<LookOver, $this> */
    public function lookOvers(): HasMany
    {
        return $this->hasMany(LookOver::class);
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class);
    }

    /** @return HasMany<ToolUse, $this> */
    public function toolUses(): HasMany
    {
        return $this->hasMany(ToolUse::class);
    }

    /** @return HasMany<CareDone, $this> */
    public function careRounds(): HasMany
    {
        return $this->hasMany(CareDone::class);
    }

    /** @return HasMany<ConsumableStock, $this> */
    public function consumables(): HasMany
    {
        return $this->hasMany(ConsumableStock::class);
    }

    /** @return HasMany<Mend, $this> */
    public function mends(): HasMany
    {
        return $this->hasMany(Mend::class);
    }

    /** @return HasMany<Making, $this> */
    public function makings(): HasMany
    {
        return $this->hasMany(Making::class);
    }

    /** @return HasMany<Blank, $this> */
    public function blanks(): HasMany
    {
        return $this->hasMany(Blank::class);
    }

    /** @return HasMany<RestVisit, $this> */
    public function restVisits(): HasMany
    {
        return $this->hasMany(RestVisit::class);
    }

    /** @return HasMany<ClimateStretch, $this> */
    public function climateStretches(): HasMany
    {
        return $this->hasMany(ClimateStretch::class);
    }

    /** @return HasMany<DiaryEntry, $this> */
    public function diary(): HasMany
    {
        return $this->hasMany(DiaryEntry::class);
    }
}
