<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use App\Edge\Edge;
use App\Guide\Guide;
use App\Home\Answer\HandsAnswer;
use App\Home\Answer\SizeToldAnswer;
use App\Home\Answer\StepHandsAnswer;
use App\Reference\Reference;
use App\Session\BenchSession;
use Illuminate\Support\Collection;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeKind;
use JackRest\Core\Edge\GuideCalibrate;
use JackRest\Core\Edge\GuideCalibrateInput;
use JackRest\Core\Edge\GuideProjection;
use JackRest\Core\Edge\GuideProjectionInput;
use JackRest\Core\Edge\GuideSeat;
use JackRest\Core\Edge\StepKind;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Session\SessionStep;

/** What the hands do in a session: from the edges and the guides as they are now. */
final readonly class HandsResource
{
    /** @var Collection<int, Edge> by their numbers */
    private Collection $edges;

    /** @var Collection<string, Guide> by their seats */
    private Collection $guides;

    private ?float $lengthMm;

    private function __construct(BenchSession $session, Bench $bench, private LengthFormatter $format)
    {
        $this->edges = Edge::of($bench)->whereIn('id', $session->edgeIds())->get()->keyBy('id');
        $this->guides = Guide::of($bench)->get()->keyBy(static fn (Guide $guide): string => $guide->seat->value);
        $about = $session->about();
        $sizes = $about instanceof Reference ? $about->sizes : [];
        $this->lengthMm = $sizes['length'] ?? $sizes['blade'] ?? null;
    }

    public static function of(BenchSession $session, Bench $bench, LengthFormatter $format): HandsAnswer
    {
        $hands = new self($session, $bench, $format);

        return new HandsAnswer(steps: array_map($hands->step(...), $session->walked()));
    }

    private function step(SessionStep $step): StepHandsAnswer
    {
        $edge = $step->edgeId === null ? null : $this->edges->get($step->edgeId);
        if ($edge !== null) {
            return $this->onStone($edge->toCore(), $step->kind);
        }

        if ($step->shape !== null) {
            return new StepHandsAnswer(
                array_map(
                    fn (float $mm): SizeToldAnswer => new SizeToldAnswer($mm, $this->format->dimension($mm)),
                    $step->shape->sizesMm,
                ),
                drawing: $step->shape->drawing,
            );
        }

        return $step->fromMm === null || $step->toMm === null ? new StepHandsAnswer([]) : $this->planed($step);
    }

    private function onStone(Blade $blade, string $kind): StepHandsAnswer
    {
        $deg = $kind === StepKind::Grind->value ? $blade->primaryDeg : max($blade->primaryDeg, $blade->secondaryDeg);

        return new StepHandsAnswer(
            [],
            angleDeg: $deg,
            angle: LengthFormatter::decimal($deg, 1).'°',
            projection: $kind === StepKind::Hone->value ? $this->projection($blade, $deg) : null,
        );
    }

    /** By the guide of its seat as it was measured. */
    private function projection(Blade $blade, float $deg): ?string
    {
        $seat = match ($blade->form) {
            EdgeKind::Chisel => GuideSeat::Chisel,
            EdgeKind::PlaneIron => GuideSeat::Iron,
            default => null,
        };
        $guide = $seat === null ? null : $this->guides->get($seat->value);
        if ($guide === null) {
            return null;
        }
        try {
            $axle = (new GuideCalibrate())(new GuideCalibrateInput($guide->roller_mm, $guide->measured()));
            $stop = (new GuideProjection())(
                new GuideProjectionInput($guide->roller_mm, $axle->axleSetbackMm, $axle->axleDropMm, [$deg]),
            )->projections[0];
        } catch (InvalidInput) {
            return null;
        }

        return $this->format->dimension($stop->projectionMm);
    }

    private function planed(SessionStep $step): StepHandsAnswer
    {
        return new StepHandsAnswer(
            [],
            fromMm: $step->fromMm,
            toMm: $step->toMm,
            lengthMm: max($this->lengthMm ?? 0.0, (float) $step->toMm),
            from: $this->format->dimension((float) $step->fromMm),
            to: $this->format->dimension((float) $step->toMm),
        );
    }
}
