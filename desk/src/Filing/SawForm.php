<?php

declare(strict_types=1);

namespace JackRest\Desk\Filing;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Calculation\Rounding;
use JackRest\Core\Filing\SawFile;
use JackRest\Core\Filing\SawFileInput;
use JackRest\Core\Filing\SawFileResult;
use JackRest\Core\Filing\SawState;
use JackRest\Core\Filing\SawTeeth;
use JackRest\Core\Filing\SawTeethInput;
use JackRest\Core\Filing\SawTeethResult;
use JackRest\Core\Filing\SawUse;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Advice;
use JackRest\Desk\Count;
use JackRest\Desk\Explanation;

/** A saw as far as it was read: its teeth, its file, its plan, and whether filing is worth it. */
final readonly class SawForm
{
    public const CAUTION = 'Clamp the plate low between boards, handle on every file, gloves off the teeth; turn '
        .'your face from a burr. Local rules and trained teaching come first.';

    /**
     * Under its back a plate needs at least this depth to be of use, as a share of its kind's usual depth; from memory.
     */
    private const LEAST_DEPTH = 0.4;

    private const MANY = 100;

    private function __construct(
        public SawReadings $readings,
        public SawUse $use,
        public SawState $state,
        public bool $isHardened,
        public ?SawTeethResult $teeth,
        public ?SawFileResult $file,
        public ?FilingPlan $plan,
        public ?int $count,
        public ?int $filingsLeft,
        private float $usualDepthMm,
        private LengthFormatter $format,
    ) {
    }

    /**
     * @param  array<string, string>  $typed  as {@see SawReadings} names them
     * @param  float  $usualDepthMm  of a saw of its kind when new
     */
    public static function of(
        array $typed,
        SawUse $use,
        SawState $state,
        bool $isHardened,
        float $usualDepthMm,
        LengthFormatter $format,
    ): self {
        $readings = SawReadings::of($typed, $format);
        [$tpi, $plate, $length] = array_map($readings->value(...), ['tpi', 'plate', 'length']);
        if ($tpi === null) {
            return new self($readings, $use, $state, $isHardened, null, null, null, null, null, $usualDepthMm, $format);
        }
        [$rake, $fleam, $slope] = array_map(static fn (string $name): float => $readings->value($name) ?? 0.0, [
            'rake',
            'fleam',
            'slope',
        ]);
        try {
            $teeth = (new SawTeeth())(
                new SawTeethInput(null, $tpi, $rake, $fleam, $slope, 60.0, $plate, $readings->value('set') ?? 0.0),
            );
            $file = (new SawFile())(new SawFileInput(null, $tpi, $rake, $fleam, $slope));
        } catch (InvalidInput) {
            return new self($readings, $use, $state, $isHardened, null, null, null, null, null, $usualDepthMm, $format);
        }
        $count = $length === null ? null : max(2, Rounding::down($length / $teeth->pitchMm));
        $plan =
            $count === null || $plate === null
                ? null
                : FilingPlan::of(
                    $state,
                    $teeth,
                    $count,
                    $plate,
                    $readings->value('set'),
                    $use->setMm($plate),
                    self::fileName($file),
                    $fleam > 0.0,
                    $format,
                );

        return new self(
            $readings,
            $use,
            $state,
            $isHardened,
            $teeth,
            $file,
            $plan,
            $count,
            self::left($readings->value('depth'), $usualDepthMm, $plan),
            $usualDepthMm,
            $format,
        );
    }

    public function isSound(): bool
    {
        return $this->teeth !== null && $this->readings->isSound();
    }

    /** Whether there is a plan worth walking. */
    public function canFile(): bool
    {
        return $this->plan !== null && ! $this->isHardened && $this->filingsLeft !== 0 && $this->readings->isSound();
    }

    /** The set that its use asks for, to one side, mm; null: the plate was not measured. */
    public function wantedSetMm(): ?float
    {
        $plate = $this->readings->value('plate');

        return $plate === null ? null : $this->use->setMm($plate);
    }

    public function next(): Advice
    {
        if ($this->teeth === null) {
            return new Advice(
                'Count the teeth in an inch, or tips over a longer way.',
                'From their pitch follow the tooth’s height, its file and the whole plan.',
            );
        }
        if ($this->isHardened) {
            return new Advice(
                'Use it until it is blunt, then change it.',
                'Hardened teeth turn a file: blue-black tips, and a file skates over them.',
            );
        }
        if ($this->filingsLeft === 0) {
            return new Advice(
                'Not worth another filing.',
                'Too little plate is left under its back for the cuts it was made for.',
            );
        }
        if ($this->plan === null) {
            return new Advice(
                'Measure the toothed edge and the plate’s thickness.',
                'They tell how many teeth there are and how many strokes each takes.',
            );
        }
        $minutes = max(1, Rounding::up($this->plan->seconds() / 60));
        $first = $this->plan->steps[0];

        return new Advice(
            ucfirst($this->verb($first))." with the {$first->tool}: $minutes min in all.",
            "{$this->count} teeth, ".
                Count::of($this->plan->strokes, 'stroke').
                ' in each gullet; '.lcfirst($first->says),
        );
    }

    /** @return list<string> what each number does to the cut */
    public function effects(): array
    {
        $teeth = $this->teeth;
        if ($teeth === null) {
            return [];
        }
        [$rake, $fleam, $slope] = array_map(fn (string $name): float => $this->readings->value($name) ?? 0.0, [
            'rake',
            'fleam',
            'slope',
        ]);

        return array_values(
            array_filter([
                $this->format->small($teeth->pitchMm).
                ' from tip to tip: '.
                ($teeth->pitchMm < 1.7
                    ? 'fine, smooth and slow; it clogs in thick stock.'
                    : ($teeth->pitchMm < 3.2
                        ? 'medium: for joints and stock of middling thickness.'
                        : 'coarse and fast; it catches in thin stock.')),
                self::deg($rake).
                ' of rake: '.
                ($rake < 6
                    ? 'aggressive, hard to start.'
                    : ($rake < 12
                        ? 'starts more easily, cuts a little slower.'
                        : 'relaxed: smooth across the grain, slow along it.')),
                self::deg($fleam).
                ' of fleam: '.
                ($fleam < 5
                    ? 'chisel points, for cuts along the grain.'
                    : ($fleam < 15
                        ? 'points sharp enough to cross the grain as well.'
                        : 'knife points, for cuts across; they dull sooner.')),
                $slope > 0 ? self::deg($slope).' of slope: keener points with deeper gullets on one side.' : null,
                $teeth->kerfMm === null ? null : 'It cuts '.$this->format->small($teeth->kerfMm).' wide.',
            ]),
        );
    }

    /** How many filings the plate has left, and what a filing takes. */
    public function worth(): ?string
    {
        if ($this->isHardened) {
            return 'Hardened teeth cannot be filed.';
        }
        if ($this->filingsLeft === null || $this->plan === null) {
            return null;
        }
        $least = $this->format->dimension(self::LEAST_DEPTH * $this->usualDepthMm);

        return $this->plan->loweredMm <= 0.0
            ? 'A touch-up takes nothing off the tips.'
            : "Jointed by {$this->format->small($this->plan->loweredMm)} each time, "
                ."{$this->many($this->filingsLeft)} left until the plate is $least deep.";
    }

    /** @return list<Explanation> */
    public function how(): array
    {
        if ($this->teeth === null || $this->file === null) {
            return [];
        }
        $mm = fn (float $value): string => $this->format->small($value);

        return [
            new Explanation(
                'How high is a tooth?',
                'pitch ÷ (tan rake + tan back)',
                "{$mm($this->teeth->pitchMm)} ÷ (tan ".
                    self::deg($this->teeth->tipDeg - $this->teeth->backDeg).
                    ' + tan '.
                    self::deg($this->teeth->backDeg).
                    ") = {$mm($this->teeth->heightMm)}",
                Basis::Published,
                'geometry of a 60° file, turned by fleam and slope',
            ),
            new Explanation(
                'Which file?',
                'face ≥ 2 × the longer flank',
                "2 × {$mm($this->file->flankMm)} = {$mm($this->file->neededFaceMm)}".
                    ($this->file->byGeometry === null
                        ? ''
                        : "; the {$this->file->byGeometry->id} has {$mm($this->file->byGeometry->faceMm)}"),
                Basis::FromMemory,
                'geometry; faces of the usual files from memory, measure yours',
            ),
        ];
    }

    /** Beyond a hundred nobody counts. */
    private function many(int $filings): string
    {
        return match (true) {
            $filings > self::MANY => 'there are more than '.self::MANY.' filings',
            $filings === 1 => 'there is one filing',
            default => "there are about $filings filings",
        };
    }

    private function verb(FilingStep $step): string
    {
        return match ($step->tool) {
            'flat file' => 'joint it',
            'saw set' => 'set it',
            default => 'file it',
        };
    }

    private static function fileName(SawFileResult $file): string
    {
        return $file->byGeometry === null
            ? 'largest triangular file'
            : (str_contains($file->byGeometry->id, 'needle')
                ? 'triangular needle file'
                : "triangular file, {$file->byGeometry->id}");
    }

    private static function left(?float $depthMm, float $usualDepthMm, ?FilingPlan $plan): ?int
    {
        if ($depthMm === null || $plan === null) {
            return null;
        }
        $spare = $depthMm - self::LEAST_DEPTH * $usualDepthMm;

        return $spare <= 0.0 ? 0 : Rounding::down($spare / max(0.05, $plan->loweredMm));
    }

    private static function deg(float $deg): string
    {
        return LengthFormatter::decimal($deg, 1).'°';
    }
}
