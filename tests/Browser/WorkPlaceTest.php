<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Work: a question by itself, one filled from a work and kept with it, and the card of its settings. */
final class WorkPlaceTest extends BrowserTestCase
{
    public function test_dovetails_are_drawn_and_refused_beside_their_figure(): void
    {
        $this->open('/');
        $this->keys('w');
        $this->sees("//h1[. = 'Works']");
        $this->sees("//nav[@aria-label='Work']//a[. = 'Dovetails']")->click();
        $this->seesText('Set the gauge to 19 mm');
        $this->type('Tails', '4');
        $this->seesText('20.75 mm');
        $this->sees("//li[@aria-current and contains(., '4 tails')]");
        $this->type('Slope', '2');
        $this->seesText('The tails vanish at the baseline');
        $this->press('The usual');
        $this->seesText('27.67 mm');
    }

    public function test_a_work_fills_the_question_and_keeps_its_answer_on_the_card(): void
    {
        $this->open('/work');
        $this->sees("//a[contains(., 'frame jig')]")->click();
        $this->sees("//h2[. = 'Settings card']");
        $this->sees("//a[. = 'Halvings']")->click();
        $this->seesText('From the frame jig');
        $this->type('Depth', '9');
        $this->press('Keep it so');
        $this->sees("//h1[. = 'Frame jig']");
        $this->sees("//li[contains(., 'halvings') and contains(., '9 mm')]");
        $this->press('Take off');
        $this->sees("//p[contains(., 'From its own numbers')]//a[. = 'Rebate, groove, dado']");
    }

    /** Begun, some boards tapped at the bench, the server killed, gone on with, and left. */
    public function test_a_work_is_made_step_by_step_and_a_killed_server_loses_no_tap(): void
    {
        $this->open('/work');
        $this->sees("//a[contains(., 'shelf for the shed')]")->click();
        $this->sees("//a[. = 'Make it, step by step']")->click();
        $this->sees("//h1[contains(., 'Make the shelf')]");
        $this->type('How many', '3');
        $this->seesText('3 pieces');
        $this->type('How many at a time', '4');
        $this->seesText('No more than are made.');
        $this->type('How many at a time', '2');
        $this->press('Begin it');
        $this->sees("//h1[starts-with(., '3 ×')]");
        $this->press('To the bench');
        $this->seesText('boards');
        $this->press('Begin: count');
        $this->press('One board');
        $this->press('One board');
        $this->sees("//*[@data-testid='count' and starts-with(., '2')]");
        $address = self::server()->url('/api'.parse_url($this->browser->getCurrentURL(), PHP_URL_PATH));
        Server::until(
            static fn (): bool => json_decode((string) file_get_contents($address), true)['counted'][0] === 2,
            'both taps to be kept',
            10,
        );
        self::server()->kill();
        self::server()->start();
        $this->browser->navigate()->refresh();
        $this->sees("//*[@data-testid='count' and starts-with(., '2')]");
        $picture = sys_get_temp_dir().'/jackrest-step.png';
        imagepng(imagecreatetruecolor(300, 200), $picture);
        $this->sees("//input[@type = 'file']")->sendKeys($picture);
        $this->seesText('✓ Saved');
        unlink($picture);
        $this->press('Stop here');
        $this->sees("//a[. = 'See where it stands']")->click();
        $this->seesText('2 done');
        $this->sees('//figure/img[@alt]');
        $this->open('/');
        $this->seesText('Go on with 3 ×');
        $this->browser->navigate()->back();
        $this->press('Stop making it');
        $this->seesText('Stopped making 3 ×');
    }

    public function test_an_address_from_before_leads_to_the_work(): void
    {
        $this->open('/kit/works');
        $this->sees("//h1[. = 'Works']");
    }
}
