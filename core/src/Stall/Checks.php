<?php

declare(strict_types=1);

namespace JackRest\Core\Stall;

use JackRest\Core\Stall\Checks\BladeChecks;
use JackRest\Core\Stall\Checks\BoringChecks;
use JackRest\Core\Stall\Checks\LayoutChecks;
use JackRest\Core\Stall\Checks\PlaneChecks;
use JackRest\Core\Stall\Checks\SawChecks;
use JackRest\Core\Stall\Checks\StrikingChecks;
use JackRest\Core\Stall\Checks\WheelAndViceChecks;
use JackRest\Core\Stall\Checks\WoodenPlaneChecks;
use JackRest\Core\Tool\ToolKind;

/**
 * What to look at on each kind of second-hand tool, in the order it can be done at a stall: what ends the matter first,
 * then with the tool in the hand, then with a straightedge and a rule.
 */
final class Checks
{
    /** @return list<Check> none: this kind is not bought by looking it over */
    public static function of(ToolKind $kind): array
    {
        return match ($kind->form) {
            'plane' => [
                ...PlaneChecks::castBody(),
                PlaneChecks::mouth(),
                PlaneChecks::bed(),
                PlaneChecks::ironLeft(),
                PlaneChecks::screws(),
                PlaneChecks::handles(),
                PlaneChecks::sole(0.1, 0.6),
            ],
            'block-plane' => [
                ...PlaneChecks::castBody(),
                PlaneChecks::mouth(),
                PlaneChecks::ironLeft(),
                PlaneChecks::screws(),
                PlaneChecks::sole(0.08, 0.5),
            ],
            'shoulder-plane' => [
                ...PlaneChecks::castBody(),
                PlaneChecks::mouth(),
                PlaneChecks::ironLeft(),
                PlaneChecks::screws(),
                PlaneChecks::sole(0.05, 0.3),
                PlaneChecks::sidesSquare(),
            ],
            'router' => [
                ...PlaneChecks::castBody(),
                PlaneChecks::ironLeft(),
                PlaneChecks::screws(),
                PlaneChecks::sole(0.15, 0.6),
            ],
            'wooden-plane' => [
                WoodenPlaneChecks::splits(),
                WoodenPlaneChecks::worm(),
                WoodenPlaneChecks::wedge(),
                WoodenPlaneChecks::woodenMouth(),
                PlaneChecks::ironLeft(),
                WoodenPlaneChecks::wind(),
                PlaneChecks::sole(0.3, 2.0),
            ],
            'fillister' => [
                WoodenPlaneChecks::splits(),
                WoodenPlaneChecks::worm(),
                WoodenPlaneChecks::wedge(),
                PlaneChecks::ironLeft(),
                WoodenPlaneChecks::fence(),
                WoodenPlaneChecks::depthStop(),
                PlaneChecks::sole(0.3, 1.5),
            ],
            'plough' => [
                WoodenPlaneChecks::splits(),
                WoodenPlaneChecks::fence(),
                WoodenPlaneChecks::stems(),
                WoodenPlaneChecks::depthStop(),
                WoodenPlaneChecks::irons(),
                WoodenPlaneChecks::skate(),
            ],
            'compass-plane' => [
                ...PlaneChecks::castBody(),
                PlaneChecks::soleBends(),
                PlaneChecks::ironLeft(),
                PlaneChecks::screws(),
            ],
            'spokeshave' => [
                ...PlaneChecks::castBody(),
                PlaneChecks::ironLeft(),
                PlaneChecks::screws(),
                PlaneChecks::handles(),
            ],
            'back-saw' => [
                SawChecks::teethHard(),
                SawChecks::kinks(),
                SawChecks::bow(1.0, 4.0),
                SawChecks::backTight(),
                SawChecks::teethLeft(),
                SawChecks::plateLeft(40.0, 20.0),
                SawChecks::sawHandle(),
            ],
            'handsaw' => [
                SawChecks::teethHard(),
                SawChecks::kinks(),
                SawChecks::bow(2.0, 8.0),
                SawChecks::teethLeft(),
                SawChecks::plateLeft(60.0, 30.0),
                SawChecks::sawHandle(),
            ],
            'pull-saw' => [SawChecks::kinks(), SawChecks::teethLeft(), SawChecks::sawHandle()],
            'coping-saw', 'bow-saw' => [SawChecks::frame(), SawChecks::pins()],
            'chisel' => [
                BladeChecks::pits(),
                BladeChecks::edgeLeft(80.0, 35.0),
                BladeChecks::handleTight(),
                BladeChecks::flatBack(),
            ],
            'knife' => [BladeChecks::pits(), BladeChecks::handleTight()],
            'drawknife' => [BladeChecks::pits(), BladeChecks::edgeLeft(15.0, 6.0), BladeChecks::handleTight()],
            'bits' => [
                LayoutChecks::straight(),
                BoringChecks::leadScrew(),
                BoringChecks::spursTall(),
                BoringChecks::spursWide(),
            ],
            'brace' => [BoringChecks::jaws(), BoringChecks::ratchet(), BoringChecks::pad(), BoringChecks::runout()],
            'hand-drill' => [BoringChecks::jaws(), BoringChecks::gears()],
            'square' => [LayoutChecks::joint(), LayoutChecks::flip()],
            'gauge', 'panel-gauge' => [LayoutChecks::lock(), WoodenPlaneChecks::stems()],
            'bevel', 'dividers' => [LayoutChecks::lock()],
            'hatchet', 'hammer', 'mallet' => [
                StrikingChecks::headTight(),
                StrikingChecks::faceSound(),
                StrikingChecks::handleSound(),
            ],
            'wheel' => [WheelAndViceChecks::rings(), WheelAndViceChecks::guarded(), WheelAndViceChecks::bearings()],
            'vice' => [
                WheelAndViceChecks::castCrack(),
                WheelAndViceChecks::screwRuns(),
                WheelAndViceChecks::jawsMeet(),
            ],
            'stone' => [WheelAndViceChecks::stoneCracks(), WheelAndViceChecks::stoneHollow()],
            default => [],
        };
    }
}
