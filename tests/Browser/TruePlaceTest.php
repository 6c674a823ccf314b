<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Instruments\Kind;
use Instruments\StandIn;
use Instruments\Truth;

/** References under test, as somebody at the bench reads them off. */
final class TruePlaceTest extends BrowserTestCase
{
    /** The card is held to the screen, an exercise begun, answered by the arrows, left and gone on with. */
    public function test_an_eye_is_tried_case_by_case(): void
    {
        $this->open('/true/eye');
        $this->sees("//button[@aria-label='Begin: Read between two marks' and @disabled]");
        $this->press('It fits');
        $this->type('From the screen', '20');
        $this->sees("//button[@aria-label='Begin: Read between two marks' and not(@disabled)]")->click();
        $this->seesText('Between 150 mm and 3000 mm.');
        $this->type('From the screen', '600');
        $this->sees("//button[@aria-label='Begin: Read between two marks']")->click();
        $this->sees("//h1[. = 'Which mark is the line nearer to?']");
        $this->seesText('1 of 24');
        $this->press('Left');
        $this->seesText('2 of 24');
        $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $this->seesText('3 of 24');
        $this->open('/true/eye');
        $this->sees("//a[@aria-label='Go on: Read between two marks']")->click();
        $this->seesText('3 of 24');
    }

    public function test_a_straightedge_is_tested_planed_and_wants_testing_again(): void
    {
        $this->open('/true');
        $this->sees("//a[contains(., '900 mm straightedge')]")->click();
        foreach (['2' => '0.2', '3' => '0.4', '4' => '0.2'] as $place => $gap) {
            $this->type("Gap at place $place", $gap);
        }
        $this->seesText('Take 2 short shavings at 450 mm, then 3 shavings from 225 mm to 675 mm. Then test again.');
        self::assertStringContainsString('0.20 mm', $this->sees("//*[@data-testid='answer']")->getText());
        $this->sees("//*[@data-testid='edge']");
        $this->press('Planed it already');
        $this->seesText('It was planed and not tested again.');
        $this->seesText('5 strokes taken');
        $this->open('/');
        $this->seesText('Test the 900 mm straightedge.');
    }

    public function test_a_half_entered_test_outlives_the_page_and_a_wrong_figure_wipes_no_drawing(): void
    {
        $page = '/true/references/'.$this->straight();
        $this->open($page);
        foreach (['2' => '0.2', '3' => '0.4', '4' => '0.2'] as $place => $gap) {
            $this->type("Gap at place $place", $gap);
        }
        $this->seesText('Take 2 short shavings');
        $this->type('Gap at place 3', 'wide');
        $this->seesText('Correct the reading marked ✗');
        $this->sees("//*[@data-testid='edge']");
        $this->open('/');
        $this->open($page);
        self::assertSame('wide', $this->field('Gap at place 3')->getAttribute('value'));
        self::assertSame('0.2', $this->field('Gap at place 2')->getAttribute('value'));
    }

    /** From the diary to the form it was typed into, and back: the old entry is struck through. */
    public function test_a_reading_that_was_wrong_is_typed_again(): void
    {
        $this->open('/true/references/'.$this->straight());
        foreach (['2' => '0.2', '3' => '0.4', '4' => '0.2'] as $place => $gap) {
            $this->type("Gap at place $place", $gap);
        }
        $this->press('Only record the test');
        $this->seesText('The last test found it outside');
        $this->open('/diary');
        $this->sees("//main//a[normalize-space() = 'correct']")->click();
        $this->seesText('You are correcting the entry of');
        self::assertSame('0.4', $this->field('Gap at place 3')->getAttribute('value'));
        foreach (['2' => '0', '3' => '0.02', '4' => '0'] as $place => $gap) {
            $this->type("Gap at place $place", $gap);
        }
        $this->press('Record this test');
        $this->seesText('It can be trusted.');
        self::assertStringNotContainsString('correcting', $this->sees('//main')->getText());
        $this->open('/diary');
        $this->sees("//main//li//span[contains(@class, 'line-through') and contains(., 'Tested the 900 mm')]");
    }

    public function test_three_edges_are_asked_for_pair_by_pair(): void
    {
        $this->open('/true/three-edges');
        self::assertStringStartsWith('Close the first and the second edge', $this->nextStroke());
        $asked = [
            '1st on 2nd' => 'Now the second and the third',
            '2nd on 3rd' => 'Now the third and the first',
            '3rd on 1st' => 'Plane the second edge',
        ];
        $gaps = [
            '1st on 2nd' => ['0.1', '0.2', '0.2', '0.2', '0.1'],
            '2nd on 3rd' => ['0.1', '0.25', '0.3', '0.25', '0.1'],
            '3rd on 1st' => ['0.1', '0.05', '0', '0.05', '0.1'],
        ];
        foreach ($asked as $pair => $next) {
            foreach ($gaps[$pair] as $index => $gap) {
                $this->type("$pair, place ".($index + 1), $gap);
            }
            $this->seesText($next);
        }
    }

    public function test_a_board_under_winding_sticks(): void
    {
        $this->open('/true/winding');
        $this->seesText('With the winding sticks, 450 mm');
        $this->type('Right end higher by, place 1', '3');
        $this->seesText('Take 5 shavings off the near left and the far right');
        $this->type('far stick turned', '1');
        $this->seesText('The far stick’s own error');
    }

    /** Somebody's own first square can be tested the minute it hangs. */
    public function test_a_square_that_was_hung_up_can_be_tested(): void
    {
        $this->open('/kit/add?kind=try-square');
        $this->press('Hang it up');
        $this->seesText('The next one?');
        $this->open('/true');
        $this->seesText('of 8 references');
        $this->seesText('It has never been tested.');
    }

    /** Every tap is a stroke; a closed browser loses none, and the end leads back to the test. */
    public function test_strokes_are_counted_in_bench_mode_over_a_closed_browser(): void
    {
        $this->open('/true/references/'.$this->straight());
        foreach (['2' => '0.2', '3' => '0.4', '4' => '0.2'] as $place => $gap) {
            $this->type("Gap at place $place", $gap);
        }
        $this->seesText('Take 2 short shavings');
        $this->press('Plane it in bench mode');
        $this->seesText('Plane at 450 mm');
        foreach (['Begin: count', 'One stroke', 'One stroke', 'Begin: count', 'One stroke'] as $button) {
            $this->press($button);
        }
        $this->seesText('1 of 3');
        $address = $this->browser->getCurrentURL();
        // A thumb is quicker than an answer: what is on its way arrives.
        $kept = static fn (): string => (string) file_get_contents(str_replace('/sessions', '/api/sessions', $address));
        Server::until(static fn (): bool => str_contains($kept(), '"counted":[2,1'), $kept, 10);
        $this->browser->quit();
        $this->browser = $this->newBrowser();
        $this->browser->get($address);
        $this->seesText('1 of 3');
        $this->press('One stroke');
        $this->press('Undo');
        $this->seesText('1 of 3');
        $this->press('One stroke');
        $this->press('One stroke');
        $this->seesText('Planed. Now test it again.');
        $this->sees("//a[contains(., 'Test it again')]")->click();
        $this->seesText('5 strokes taken');
        $this->seesText('It was planed and not tested again.');
    }

    /** A sole, from the first diagonal to what comes off it. */
    public function test_a_sole_is_read_line_by_line(): void
    {
        $this->open('/true/references/'.$this->referenceId('sole'));
        self::assertStringStartsWith('Lay the straightedge diagonally from the near left', $this->nextStroke());
        foreach (['diagonally from the near left', 'diagonally from the near right'] as $line) {
            foreach (['near' => '0', 'middle' => '0.2', 'far' => '0'] as $place => $gap) {
                $this->type("Gap $place, $line", $gap);
            }
            $this->press('Next line');
        }
        foreach (range(1, 4) as $side) {
            $this->seesText($side + 1 .' of 10 lines read');
            $this->press('No light anywhere');
        }
        foreach (['near' => '0', '2' => '0.15', 'middle' => '0.2', '4' => '0.15', 'far' => '0'] as $place => $gap) {
            $this->type("Gap $place, along the middle", $gap);
        }
        $this->seesText('off its rim all round, nothing off the middle');
        $this->press('Only record the test');
        $this->seesText('hollow, outside');
    }

    public function test_winding_sticks_are_turned_end_for_end(): void
    {
        $this->open('/true/references/'.$this->referenceId('sticks'));
        $this->type('Far stick’s right end higher by', '1.5');
        $this->seesText('Turn the far stick end for end');
        $this->type('The same, far stick turned', '0.5');
        $this->seesText('Take 10 shavings off the right end of the far stick');
        $this->press('Planed it already');
        $this->seesText('10 shavings off the right end of the far stick');
        $this->seesText('It was planed and not tested again.');
    }

    public function test_a_stone_is_added_and_taken_off_the_list(): void
    {
        $this->open('/true/add');
        $this->press('Add it and test it');
        $this->seesText('Give it a name');
        $this->sees("//option[contains(., 'sole')]")->click();
        $this->type('Name', 'sole of the smoothing plane');
        $this->press('Add it and test it');
        $this->seesText('It has never been tested.');
        $this->press('Take it off the list');
        $this->sees("//h1[. = 'Removed']");
        $this->sees("//a[. = 'Go on']")->click();
        $this->seesText('of 7 references');
    }

    public function test_squares_are_compared_with_a_known_one(): void
    {
        $this->open('/true/known');
        $this->type('Gap of the 200 mm try square', '0.2');
        $this->seesText('outside 0.10 mm');
        $this->press('Write these down');
        $this->open('/diary');
        $this->seesText('Compared with the 100 mm try square');
    }

    /** The instrument chosen on one page stands on the next. */
    public function test_the_instrument_last_used_is_remembered_on_every_page(): void
    {
        $this->open('/true/references/'.$this->straight());
        $this->sees("//summary[contains(., 'Tested against')]")->click();
        $this->sees("//option[contains(., 'dial indicator')]")->click();
        $this->open('/true/references/'.$this->referenceId('square'));
        $this->sees("//summary[contains(., 'Gap at the foot')]")->click();
        self::assertSame(
            'dial',
            $this->sees("//select[@id = //label[contains(., 'Gap read with')]/@for]")->getAttribute('value'),
        );
    }

    /** A digital caliper that types like a keyboard: its Enter goes to the next reading and records nothing. */
    public function test_a_caliper_that_types_fills_the_gaps(): void
    {
        $this->open('/true/references/'.$this->straight());
        $caliper = new StandIn(Kind::Caliper, Truth::ofDemo('900 mm straightedge'), 11);
        $this->field('Gap at place 2')->click();
        foreach ([225.0, 450.0, 675.0] as $index => $place) {
            $this->keys($caliper->keys($place), WebDriverKeys::ENTER);
            // Enter goes over the place beside the gap as well.
            if ($index < 2) {
                $this->keys(WebDriverKeys::ENTER);
            }
        }
        $this->seesText('Record this test');
        foreach (['2', '3', '4'] as $place) {
            self::assertMatchesRegularExpression(
                '/^0\.\d\d$/',
                (string) $this->field("Gap at place $place")->getAttribute('value'),
            );
        }
        self::assertCount(
            3,
            json_decode((string) file_get_contents(self::server()->url('/api/references/'.$this->straight())), true)[
                'history'
            ]['tests'],
        );
    }

    /** The simulated dial, started by its own command, fills the gaps of a straightedge. */
    public function test_an_instrument_that_answers_by_itself_is_asked(): void
    {
        $port = Server::freePort();
        $dial = proc_open(
            ['php', '-S', "127.0.0.1:$port", dirname(__DIR__, 2).'/instruments/serve.php'],
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
            null,
            ['INSTRUMENT' => 'dial', 'POINTED_AT' => '900 mm straightedge', 'PATH' => (string) getenv('PATH')],
        );
        self::assertIsResource($dial);
        try {
            Server::until(static fn (): bool => is_resource(@fsockopen('127.0.0.1', $port, timeout: 1)), 'the dial');
            $this->open('/true');
            $this->sees("//summary[contains(., 'An instrument that answers')]")->click();
            $this->type('Its address', "http://127.0.0.1:$port");
            $this->press('Use it');
            $this->seesText("Readings come from http://127.0.0.1:$port");
            $this->open('/true/references/'.$this->straight());
            $this->press('Read them all');
            $this->seesText('Record this test');
            self::assertMatchesRegularExpression(
                '/^0\.\d+ mm$/',
                (string) $this->field('Gap at place 3')->getAttribute('value'),
            );
        } finally {
            proc_terminate($dial);
            $this->open('/true');
            $this->sees("//summary[contains(., 'Readings come from')]")->click();
            $this->press('Stop using it');
            $this->seesText('An instrument that answers by itself');
        }
    }

    private function straight(): int
    {
        return $this->referenceId('straightedge');
    }
}
