<?php

declare(strict_types=1);

namespace App\Stone;

use App\Bench\Bench;
use App\School\KitSettings;
use App\Session\BenchSession;
use Illuminate\Support\Collection;
use JackRest\Core\Day\Handling;
use JackRest\Core\Edge\HoningStone as CoreStone;
use JackRest\Core\Edge\SharpeningSchool;
use JackRest\Core\Rack\OwnCut;
use JackRest\Core\Rack\RackStone;
use JackRest\Core\Rack\StrokesCounted;
use JackRest\Core\School\School;
use JackRest\Desk\Rack\RackReview;

/** The rack of a bench with what its sessions taught about each piece. */
final class RackOfBench
{
    // The latest say how a stone cuts now; a hundred are plenty to average over.
    private const SESSIONS = 150;

    public readonly School $kitSchool;

    public readonly SharpeningSchool $school;

    /** @var Collection<int, Stone> coarse to fine */
    public readonly Collection $stones;

    /**
     * @var array<string, list<array{at: string, counted: int, model: float, edge: int}>>|null by stone, the latest
     * first
     */
    private ?array $uses = null;

    public function __construct(private readonly Bench $bench)
    {
        $this->kitSchool = KitSettings::now($bench)->school();
        $this->school = SharpeningSchool::of($this->kitSchool);
        $this->stones = Stone::of($bench)
            ->get()
            ->toBase()
            ->sortBy(static fn (Stone $stone): array => [-$stone->toCore()->particleUm(), $stone->id])
            ->values();
    }

    /** As its school holds the angle: in a guide, or by hand. */
    public function handling(): Handling
    {
        return $this->kitSchool->says('angle') === 'guide' ? Handling::withGuide() : Handling::freehand();
    }

    /** @return list<RackStone> coarse to fine */
    public function pieces(): array
    {
        return array_values($this->stones->map($this->piece(...))->all());
    }

    /** @return list<CoreStone> as plans take them: with their own factors where those are known */
    public function forPlan(): array
    {
        return array_map(static fn (RackStone $piece): CoreStone => $piece->forPlan(), $this->pieces());
    }

    /** @param  bool  $laminated  whether any edge is of hard steel laminated to soft iron */
    public function review(bool $laminated): RackReview
    {
        return new RackReview($this->pieces(), $laminated, $this->school->flatness);
    }

    public function piece(Stone $stone): RackStone
    {
        $core = $stone->toCore();
        $uses = $this->uses()[$core->id] ?? [];
        $since = static fn (?string $day): int => count(
            array_filter($uses, static fn (array $use): bool => $day === null || $use['at'] > $day),
        );
        $counts = array_values(
            array_filter($uses, static fn (array $use): bool => $use['model'] > 0.0 && $use['counted'] > 0),
        );

        return new RackStone(
            $core,
            $stone->price,
            $stone->lasts_edges,
            $since($stone->begun_at),
            $since($stone->flattened_at ?? $stone->begun_at),
            OwnCut::from(
                array_map(
                    static fn (array $use): StrokesCounted => new StrokesCounted($use['model'], $use['counted']),
                    $counts,
                ),
            ),
        );
    }

    /** @return array<string, list<array{at: string, counted: int, model: float, edge: int}>> */
    private function uses(): array
    {
        return $this->uses ??= $this->usesOfSessions();
    }

    /** @return array<string, list<array{at: string, counted: int, model: float, edge: int}>> */
    private function usesOfSessions(): array
    {
        $sessions = BenchSession::of($this->bench)->where('state', '!=', 'running')->latest('id');
        $sessions->limit(self::SESSIONS);
        $uses = [];
        foreach ($sessions->get() as $session) {
            foreach ($this->done($session) as $index) {
                $step = $session->walked()[$index];
                $uses[$step->stoneId ?? ''][] = [
                    'at' => (string) $session->ended_at,
                    'counted' => (int) $session->counted[$index],
                    'model' => $step->modelCount,
                    'edge' => $step->edgeId ?? (int) $session->edgeId(),
                ];
            }
        }

        return $uses;
    }

    /** @return list<int> the stones of a session whose work was looked at and found done */
    private function done(BenchSession $session): array
    {
        $until = $session->state === 'finished' ? count($session->steps) : $session->at_step;

        return array_keys(array_slice($session->steps, 0, $until));
    }
}
