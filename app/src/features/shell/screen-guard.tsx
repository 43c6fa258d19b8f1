import { Component, type ReactNode } from 'react';
import { Button } from '../../ui/button';
import { Screen } from '../../ui/screen/screen';
import { Words } from '../../ui/words/words';

interface Props {
  /** where one is; going elsewhere clears the fault */
  readonly place: string;
  readonly children: ReactNode;
}

/** One screen that fails takes neither the others nor what was typed with it: it says what happened, and is tried again by a tap. */
export class ScreenGuard extends Component<Props, { readonly fault: Error | null }> {
  override state: { readonly fault: Error | null } = { fault: null };

  static getDerivedStateFromError(fault: Error) {
    return { fault };
  }

  override componentDidUpdate(before: Props): void {
    if (before.place !== this.props.place && this.state.fault) this.setState({ fault: null });
  }

  override render(): ReactNode {
    const { fault } = this.state;
    if (!fault) return this.props.children;
    return (
      <Screen title="This screen cannot be shown">
        <Words role="alert">
          What was typed and recorded is kept. Try again; if it fails again, the words below say where.
        </Words>
        <Words figures size="small" colour="quiet">
          {fault.message}
        </Words>
        <Button
          kind="main"
          label="Try again"
          testID="screen-again"
          onPress={() => this.setState({ fault: null })}
        />
      </Screen>
    );
  }
}
