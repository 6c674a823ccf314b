<?php

declare(strict_types=1);

namespace Bench;

use JackRest\Core\Catalogue\Catalogue;
use JackRest\Core\Kit\KitPlan;
use JackRest\Core\Kit\KitPlanInput;
use JackRest\Core\Kit\KitStages;
use JackRest\Core\Kit\KitStagesInput;
use JackRest\Core\Kit\StageWork;
use Throwable;

/** Measures what the project promises, on this machine, and prints it as a table and as JSON. */
final class Report
{
    private const ROOT = __DIR__.'/..';

    /** After this GLPK is stopped: some kits take it minutes. */
    private const GLPK_SECONDS = 20;

    /** @var list<Figure> */
    private array $rows = [];

    private ?HeavyServer $heavy = null;

    /** Since the last figure that took any time. */
    private OthersTime $others;

    private float $othersPct = 0.0;

    public function __construct(private readonly int $port)
    {
        $this->others = new OthersTime();
    }

    public function run(): int
    {
        $figures = [
            $this->http(...),
            // Early: what was computed before leaves this process slower, and no user waits in such a one.
            $this->honingPlan(...),
            fn () => $this->all(EdgeFigures::measured()),
            $this->terminal(...),
            fn () => $this->told((new PageFigures($this->heavy ??= new HeavyServer()))->measured()),
            fn () => $this->told((new ArrivalFigures($this->heavy ??= new HeavyServer()))->measured()),
            function (): void {
                // Nothing else is to run beside what is measured next.
                $this->heavy?->server->kill();
            },
            fn () => $this->told((new WorkFigures($this->port))->measured()),
            $this->kitPlan(...),
            fn () => $this->all(KitFigures::measured()),
            fn () => $this->all((new TrueFigures($this->port))->measured()),
            fn () => $this->all((new SeasonFigures($this->port))->measured()),
            fn () => $this->all((new LoadFigures($this->port))->measured()),
            fn () => $this->told((new SharedFigures())->measured()),
            $this->size(...),
            fn () => $this->all((new InBrowser($this->port))->measured()),
            fn () => $this->told((new StartFigures())->measured()),
        ];
        $failed = 0;
        $whole = new OthersTime();
        foreach ($figures as $measure) {
            try {
                $measure();
            } catch (Throwable $problem) {
                // The others are told all the same.
                $failed++;
                printf("NOT MEASURED: %s\n", $problem->getMessage());
            }
        }
        $this->add('of this machine’s time, others took', $whole->pct() ?? 0.0, '%', null);
        $this->write();

        return $failed === 0 ? 0 : 1;
    }

    /** @param  array<string, array{float, float|null}>  $figures  milliseconds and limit */
    private function all(array $figures): void
    {
        foreach ($figures as $what => [$ms, $limit]) {
            $this->add($what, $ms, 'ms', $limit);
        }
    }

    private function add(string $what, float $value, string $unit, ?float $limit): void
    {
        $this->told([new Figure($what, $value, $unit, $limit)]);
    }

    /** @param  iterable<Figure>  $figures */
    private function told(iterable $figures): void
    {
        foreach ($figures as $figure) {
            $this->rows[] = $row = $figure->beside($this->othersPct());
            echo $row->line(), "\n";
        }
    }

    /** Figures that were measured together come one after the other: the later ones took no time of their own. */
    private function othersPct(): float
    {
        $pct = $this->others->pct();
        if ($pct !== null) {
            $this->othersPct = $pct;
            $this->others = new OthersTime();
        }

        return $this->othersPct;
    }

    private function http(): void
    {
        $times = [];
        for ($call = 0; $call < 220; $call++) {
            $body = json_encode(
                ['thicknessMm' => 3 + $call / 1000, 'bevelLengthMm' => 8, 'uncertaintyMm' => 0.1],
                JSON_THROW_ON_ERROR,
            );
            $context = stream_context_create([
                'http' => ['method' => 'POST', 'header' => 'Content-Type: application/json', 'content' => $body],
            ]);
            $times[] = self::ms(
                fn () => file_get_contents("http://127.0.0.1:{$this->port}/api/calc/bevel-angle", false, $context),
            );
        }
        // The first calls warm the workers.
        $times = array_slice($times, 20);
        sort($times);
        $this->add('calculation over HTTP, p95', $times[(int) (0.95 * count($times))], 'ms', 30);
    }

    private function terminal(): void
    {
        $one = 'echo \'{"thicknessMm":4,"bevelLengthMm":9}\' | '.self::ROOT.'/jackrest calc bevel-angle >/dev/null';
        $times = array_map(static fn (): float => self::ms(static fn () => exec($one)), range(1, 15));
        sort($times);
        $this->add('terminal calculation, one start, median', $times[7], 'ms', 120);
        $many =
            'yes \'{"thicknessMm":4,"bevelLengthMm":9,"uncertaintyMm":0.1}\' | head -10000 | '.
            self::ROOT.
            '/jackrest calc bevel-angle --lines >/dev/null';
        $this->add('10,000 lines of bevel-angle', self::ms(static fn () => exec($many)), 'ms', 3000);
    }

    private function kitPlan(): void
    {
        foreach ((new KitFamilies())->all() as $family => $make) {
            foreach ([1, 2, 3] as $seed) {
                $this->besideGlpk("kit-plan 120/80/300, $family $seed", $make($seed));
            }
        }
        foreach ((new KitFamilies(240, 160, 600))->all() as $family => $make) {
            $kit = $make(1);
            $this->add(
                "kit-plan 240/160/600, $family",
                self::ms(static fn () => (new KitPlan())($kit)),
                'ms',
                3000,
            );
        }
        foreach (['random', 'chained needs', 'many ties'] as $family) {
            $ladder = self::stages((new KitFamilies(240, 160, 600))->all()[$family](1));
            $this->add(
                "kit-stages 240/160/600, ten works, $family",
                self::ms(static fn () => (new KitStages())($ladder)),
                'ms',
                3000,
            );
        }
        $largest = (new KitFamilies(5000, 5000, 20000))->all()['chained needs'](1);
        $this->add(
            'kit-plan 5000/5000/20000, the largest that is taken, stopped after 2 s of computing',
            self::ms(static fn () => (new KitPlan())($largest)),
            'ms',
            5000,
        );
    }

    /** The same tools and methods climbed to stage by stage, their operations dealt out among ten works. */
    private static function stages(KitPlanInput $kit): KitStagesInput
    {
        $works = [];
        foreach ($kit->operations as $index => $wanted) {
            $works[$index % 10][] = $wanted->id;
        }
        $dealt = array_map(
            static fn (array $operations, int $number): StageWork => new StageWork("work $number", $operations),
            $works,
            array_keys($works),
        );

        return new KitStagesInput($dealt, $kit->tools, $kit->methods, $kit->owned);
    }

    /** Proven like GLPK's, or stopped at its limit; not slower than GLPK by more than twice or 50 ms. */
    private function besideGlpk(string $what, KitPlanInput $kit): void
    {
        $plan = null;
        $ours = self::ms(static function () use ($kit, &$plan): void {
            $plan = (new KitPlan())($kit);
        });
        $optimum = null;
        $theirs = self::ms(static function () use ($kit, &$optimum): void {
            $optimum = Glpk::objectiveWithin($kit, self::GLPK_SECONDS);
        });
        $proven = $plan?->provenOptimal === true;
        $this->add($what.($proven ? '' : ' (stopped, bound '.$plan?->lowerBound.')'), $ours, 'ms', max(
            2 * $theirs,
            $theirs + 50,
        ));
        $this->add('  GLPK on the same kit'.($optimum === null ? ' (stopped)' : ''), $theirs, 'ms', null);
        $agrees = $optimum === null || ($proven
            ? abs($plan->cost - $optimum) < 1e-6
            : $plan?->lowerBound <= $optimum && $optimum <= $plan?->cost);
        $this->add('  the same optimum, or between bound and best found (1 = yes)', $agrees ? 1 : 0, '', 1);
    }

    private function honingPlan(): void
    {
        foreach ([40 => 50, 200 => 100] as $count => $limit) {
            $stones = array_map(
                static fn (int $number): array => [
                    'id' => "s$number",
                    'particleUm' => 0.5 + $number * 1.7,
                    'changeSeconds' => $number % 7,
                ],
                range(0, $count - 1),
            );
            $job = json_decode(
                json_encode(
                    [
                        'contactWidthMm' => 50,
                        'contactLengthMm' => 40,
                        'removeUm' => 30,
                        'finishUm' => 1,
                        'abrasives' => $stones,
                    ],
                    JSON_THROW_ON_ERROR,
                ),
            );
            $this->add(
                "honing-plan with $count abrasives",
                self::ms(static fn () => Catalogue::named('honing-plan')->answer($job)),
                'ms',
                $limit,
            );
        }
    }

    /** The scripts a first page loads: the entry and what it imports at once. */
    private function size(): void
    {
        /** @var array<string, array{file: string, imports?: list<string>}> $manifest */
        $manifest = json_decode(
            (string) file_get_contents(self::ROOT.'/public/build/.vite/manifest.json'),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        $files = [];
        $queue = ['web/src/main.tsx'];
        while (($name = array_pop($queue)) !== null) {
            $files[$name] = strlen(
                (string) gzencode(
                    (string) file_get_contents(self::ROOT.'/public/build/'.$manifest[$name]['file']),
                    9,
                ),
            );
            array_push($queue, ...array_diff($manifest[$name]['imports'] ?? [], array_keys($files)));
        }
        $this->add('JavaScript at first load, gzipped', array_sum($files) / 1000, 'kB', 170);
    }

    private function write(): void
    {
        $json = json_encode($this->rows, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
        file_put_contents(self::ROOT.'/build/bench.json', $json);
        file_put_contents(self::ROOT.'/docs/figures.md', implode("\n", [
            '# Figures',
            '',
            'Measured by `./jackrest bench` on '.date('j F Y').', on two cores. Pages are asked over HTTP; the heavy',
            'bench holds 20,000 entries of the diary, 12,000 of edges, 1,500 sessions, 300 tools, 60 edges, 40',
            'references of 40 tests each and ten years of hourly air. Where other machines on the same hardware took',
            'more than '.OthersTime::QUIET_PCT.' % of this one’s time, it says so. Written anew by each run.',
            '',
            '| what | value | limit | |',
            '| --- | ---: | ---: | --- |',
            ...array_map(static fn (Figure $figure): string => $figure->row(), $this->rows),
            '',
        ]).self::measuredElsewhere());
    }

    /** What `./jackrest fresh` wrote at the end of the document stays there. */
    private static function measuredElsewhere(): string
    {
        $document = (string) file_get_contents(self::ROOT.'/docs/figures.md');
        $at = strpos($document, "\n## On newly installed systems");

        return $at === false ? '' : substr($document, $at);
    }

    private static function ms(callable $work): float
    {
        $start = hrtime(true);
        $work();

        return (hrtime(true) - $start) / 1e6;
    }
}
