import { Component, type ReactNode } from 'react';
import { Box } from '@chakra-ui/react';
import { appWords } from '../words/page/app';
import { ActButton } from '../ui/buttons';

/** Stands where a page could not be fetched or shown: says so, and loads it anew when asked. */
export class PageProblem extends Component<{ children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override render() {
    if (!this.state.failed) {
      return this.props.children;
    }
    return (
      <Box as="main" role="alert" p="26px" fontSize="20px">
        <Box mb="16px">{appWords.pageNotFetched()}</Box>
        <ActButton onClick={() => window.location.reload()}>{appWords.loadAgain()}</ActButton>
      </Box>
    );
  }
}
